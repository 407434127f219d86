package neattrace.region.tree;

import java.util.Optional;
import neattrace.geom.Point;
import neattrace.region.CloseSettings;
import neattrace.region.Gap;

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

    /**
     * The gap as it is told.
     *
     * @param closed whether it counts as closed
     * @param decided whether a person said so
     * @param onePx paper of the area on one side, px
     * @param otherPx paper of that on the other, px
     */
    public Gap gap(boolean closed, boolean decided, long onePx, long otherPx) {
        return new Gap(
                place,
                from,
                to,
                widthPx,
                ends,
                closed,
                decided,
                Math.min(onePx, otherPx),
                Math.max(onePx, otherPx));
    }
}
