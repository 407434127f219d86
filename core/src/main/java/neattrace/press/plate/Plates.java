package neattrace.press.plate;

import java.util.List;
import neattrace.press.Colorant;
import neattrace.press.Tints;

/**
 * The plates of a page.
 *
 * @param width px
 * @param height px
 * @param ppi their resolution
 * @param inks a plate each, in the order of {@code coverage}
 * @param coverage how much of each ink, row by row, 0 none to 255 full; handed over, not to be
 *     written to
 * @param composites what comes to lie anywhere, the heaviest first; nothing bare
 */
public record Plates(
        int width,
        int height,
        double ppi,
        List<Colorant> inks,
        List<byte[]> coverage,
        List<Composite> composites) {

    public Plates {
        inks = List.copyOf(inks);
        coverage = List.copyOf(coverage);
        composites = List.copyOf(composites);
    }

    /** The most ink in one place, percent; 0 for a bare page. */
    public double heaviest() {
        return composites.isEmpty() ? 0 : composites.get(0).total();
    }

    /** The most ink in one place, leaving out what covers no more than so much in all. */
    public double heaviest(double squareMm) {
        double covered = 0;
        for (Composite one : composites) {
            covered += one.squareMm();
            if (covered > squareMm) {
                return one.total();
            }
        }
        return 0;
    }

    /** How much of an ink is laid down: solid ink of as much, mm2. */
    public double solidSquareMm(Colorant ink) {
        return composites.stream()
                .mapToDouble(one -> one.squareMm() * one.tints().of(ink) / 100)
                .sum();
    }

    /** How much of the page has any of an ink, mm2. */
    public double coveredSquareMm(Colorant ink) {
        return composites.stream()
                .filter(one -> one.tints().of(ink) > 0)
                .mapToDouble(Composite::squareMm)
                .sum();
    }

    /** What lies at a pixel, rounded to what 255 steps tell. */
    public Tints at(int x, int y) {
        Tints tints = Tints.NONE;
        for (int p = 0; p < inks.size(); p++) {
            int value = coverage.get(p)[y * width + x] & 0xff;
            if (value > 0) {
                tints = tints.with(inks.get(p), value / 2.55);
            }
        }
        return tints;
    }
}
