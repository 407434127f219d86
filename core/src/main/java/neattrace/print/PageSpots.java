package neattrace.print;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import neattrace.press.Colorant;
import neattrace.press.Tints;

/**
 * Inks of their own on one page: presses know them by their names alone (ISO 32000-1, 8.6.6.4), so
 * that two of one name are one ink and one plate, however each drawing measured it.
 */
final class PageSpots {

    private final Map<String, Colorant> known = new HashMap<>();

    /** A layer in the inks of the page; mostly the same. */
    PrintLayer of(PrintLayer layer) {
        boolean other = false;
        for (PrintObject object : layer.objects()) {
            for (Colorant ink : object.tints().percent().keySet()) {
                other |= of(ink) != ink;
            }
        }
        return other
                ? layer.with(layer.objects().stream().map(this::of).toList(), layer.areas())
                : layer;
    }

    private PrintObject of(PrintObject one) {
        return new PrintObject(
                one.name(), one.shape(), of(one.tints()), one.overprint(), one.trapMm());
    }

    private Tints of(Tints tints) {
        Map<Colorant, Double> percent = new LinkedHashMap<>();
        tints.percent().forEach((ink, value) -> percent.merge(of(ink), value, Math::max));
        return new Tints(percent);
    }

    private Colorant of(Colorant ink) {
        return ink.kind() == Colorant.Kind.SPOT
                ? same(known.computeIfAbsent(ink.name().toLowerCase(Locale.ROOT), n -> ink), ink)
                : ink;
    }

    /** An equal one is as good: nothing is made anew for it. */
    private static Colorant same(Colorant first, Colorant ink) {
        return first.equals(ink) ? ink : first;
    }
}
