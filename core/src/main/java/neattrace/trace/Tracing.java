package neattrace.trace;

import java.util.List;
import neattrace.geom.Outline;

/**
 * The result of tracing, in source pixels.
 *
 * @param outlines one for each piece of ink
 * @param meanDeviation mean distance between curves and contours, px
 * @param deviations the worst place of every loop, largest distance first
 * @param boundPx how far curves were let keep, px: as asked, or more where the contours' own grain
 *     is not to be followed
 * @param loops every contour with its curve, from which a later tracing of nearly the same ink
 *     takes what did not change
 */
public record Tracing(
        List<Outline> outlines,
        double meanDeviation,
        List<Deviation> deviations,
        double boundPx,
        List<TracedLoop> loops,
        int pieces) {

    public Tracing {
        outlines = List.copyOf(outlines);
        deviations = List.copyOf(deviations);
        loops = List.copyOf(loops);
    }

    /** Nothing traced, because there are too many pieces. */
    static Tracing ofNoise(int pieces, double boundPx) {
        return new Tracing(List.of(), 0, List.of(), boundPx, List.of(), pieces);
    }

    /** Whether there is too much ink in too many pieces to be a drawing. */
    public boolean isNoise() {
        return outlines.isEmpty() && pieces > 0;
    }

    /** Number of holes in all pieces. */
    public int holes() {
        return outlines.stream().mapToInt(outline -> outline.holes().size()).sum();
    }

    /** Number of curve segments in all pieces. */
    public int segments() {
        return outlines.stream().mapToInt(Outline::segments).sum();
    }

    /** The largest distance between curves and contours, px. */
    public double maxDeviation() {
        return deviations.isEmpty() ? 0 : deviations.get(0).distance();
    }
}
