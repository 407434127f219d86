package neattrace.press.trap;

import java.util.Comparator;
import java.util.List;
import neattrace.press.Cmyk;
import neattrace.press.Colorant;
import neattrace.press.Lab;
import neattrace.press.Tints;

/** Tints brought under a limit where looks do not matter: in traps and beneath black. */
final class LessInk {

    private LessInk() {}

    /**
     * The same with less of the process inks, and if that is not enough without inks of their own,
     * the lightest first.
     *
     * @param limit percent
     */
    static Tints of(Tints tints, double limit) {
        double over = tints.total() - limit;
        if (over <= 0) {
            return tints;
        }
        Cmyk process = tints.process();
        Tints less = tints.withProcess(process.limitedTo(Math.max(0, process.total() - over)));
        List<Colorant> own =
                tints.percent().keySet().stream()
                        .filter(ink -> !ink.isProcess())
                        .sorted(Comparator.comparingDouble(LessInk::lightness).reversed())
                        .toList();
        for (Colorant ink : own) {
            if (less.total() <= limit) {
                break;
            }
            less = less.with(ink, 0);
        }
        return less;
    }

    private static double lightness(Colorant ink) {
        return ink.look().map(Lab::l).orElse(50.0);
    }
}
