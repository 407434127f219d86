package neattrace.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;
import neattrace.standin.scanner.ScanConditions.Kind;

/** What a bench of scans says of one kind of them. */
final class ScanSummary {

    private static final double[] QUANTILES = {0.5, 0.9, 0.95, 0.99, 1};

    private ScanSummary() {}

    static void print(Kind kind, List<Trial> trials) {
        System.out.printf("%s, %d cases%n", kind, trials.size());
        quantiles("mean px", trials, Trial::mean);
        quantiles("99 % px", trials, Trial::percentile99);
        quantiles("mean px without wear", trials, t -> t.clean().distance().mean());
        quantiles("99 % px without wear", trials, t -> t.clean().distance().percentile99());
        quantiles("mean px by wear", trials, t -> t.worn().mean());
        quantiles("99 % px by wear", trials, t -> t.worn().percentile99());
        quantiles("ink %", trials, Trial::inkPercent);
        share("within the floors", trials, t -> t.keeps(t.measured().distance(), 1));
        List<Trial> could = trials.stream().filter(Trial::isAttainable).toList();
        share("the same, if so without wear", could, t -> t.keeps(t.measured().distance(), 1));
        share("1.7 times, if so without wear", could, t -> t.keeps(t.measured().distance(), 1.7));
        share("by wear within the floors", trials, t -> t.keeps(t.worn(), 1));
        List<Trial> shown = trials.stream().filter(Trial::shown).toList();
        share("pieces and holes exact, where shown", shown, Trial::isExact);
        ratio("dots kept", trials, Trial::dotsKept, Trial::dots);
        ratio("dust kept", trials, Trial::dustKept, Trial::dust);
        ratio("whites kept", trials, Trial::whitesKept, Trial::whites);
        System.out.printf(
                "  ms each %.0f%n", trials.stream().mapToDouble(Trial::millis).average().orElse(0));
    }

    private static void quantiles(
            String what, List<Trial> trials, ToDoubleFunction<Trial> measure) {
        double[] sorted = trials.stream().mapToDouble(measure).sorted().toArray();
        StringBuilder line = new StringBuilder(String.format("  %-38s", what));
        line.append(String.format(Locale.ROOT, "least %.3f", sorted[0]));
        for (double q : QUANTILES) {
            int at = (int) Math.min(sorted.length - 1, Math.floor(q * sorted.length));
            line.append(String.format(Locale.ROOT, "  %.0f %% %.3f", 100 * q, sorted[at]));
        }
        double average = Arrays.stream(sorted).average().orElse(0);
        System.out.println(line.append(String.format(Locale.ROOT, "  average %.3f", average)));
    }

    private static void share(
            String what, List<Trial> trials, java.util.function.Predicate<Trial> good) {
        long count = trials.stream().filter(good).count();
        System.out.printf(
                Locale.ROOT,
                "  %-38s%d of %d = %.4f%n",
                what,
                count,
                trials.size(),
                (double) count / Math.max(1, trials.size()));
    }

    private static void ratio(
            String what,
            List<Trial> trials,
            ToIntFunction<Trial> part,
            ToIntFunction<Trial> whole) {
        long some = trials.stream().mapToLong(part::applyAsInt).sum();
        long all = trials.stream().mapToLong(whole::applyAsInt).sum();
        long clear = trials.stream().filter(t -> part.applyAsInt(t) != whole.applyAsInt(t)).count();
        long none = trials.stream().filter(t -> part.applyAsInt(t) > 0).count();
        System.out.printf(
                Locale.ROOT,
                "  %-38s%d of %d = %.4f (not all in %d cases, some in %d)%n",
                what,
                some,
                all,
                (double) some / Math.max(1, all),
                clear,
                none);
    }
}
