package neattrace.region.tree;

import java.util.Optional;
import neattrace.geom.Point;
import neattrace.region.CloseSettings;

/**
 * A gap between two cells, whatever width is closed.
 *
 * @param place its middle, source px
 * @param from the ink on one side, source px
 * @param to the ink on the other side, source px
 * @param widthPx how wide it is
 * @param ends how many of its two sides are ends of lines that point across it
 * @param a the cell on one side
 * @param b the cell on the other side
 */
public record Neck(Point place, Point from, Point to, double widthPx, int ends, int a, int b) {

    /** Whether settings decide about it: true for closed, false for open. */
    public Optional<Boolean> decided(CloseSettings settings, double pxPerMm) {
        double mmPerPx = 1 / pxPerMm;
        return settings.decided(place.times(mmPerPx), from.times(mmPerPx), to.times(mmPerPx));
    }
}
