package neattrace.press.plate;

import java.util.Comparator;
import java.util.List;
import neattrace.press.Tints;

/**
 * What comes to lie in one place when all is laid down.
 *
 * @param tints of all inks, overprints included
 * @param squareMm how much of the page it covers
 */
public record Composite(Tints tints, double squareMm) {

    /** All inks together, percent. */
    public double total() {
        return tints.total();
    }

    /** Whether nothing is printed there. */
    public boolean isBare() {
        return total() == 0;
    }

    /** The composites of a page that have ink, the heaviest first. */
    static List<Composite> heaviest(List<Composite> all) {
        return all.stream()
                .filter(one -> !one.isBare())
                .sorted(
                        Comparator.comparingDouble(Composite::total)
                                .thenComparingDouble(Composite::squareMm)
                                .reversed())
                .toList();
    }
}
