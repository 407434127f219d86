package neattrace.trace.contour;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import neattrace.array.LargestFirst;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.stage.Progress;

/**
 * Finds every contour of an ink map. One pass over the pixels and one step for each border; memory
 * grows with the borders plus one bit a pixel. Borders are followed one after the other, since each
 * tells where not to begin again; where coverage puts their edges is then found side by side.
 */
public final class ContourTracer {

    private ContourTracer() {}

    /**
     * All contours, in the order in which a row by row scan meets them.
     *
     * @param middles whether every vertex is the middle of a pixel side instead of where coverage
     *     puts the edge
     */
    public static List<Contour> trace(InkMap map, boolean middles, Progress progress) {
        return trace(map, RunLabels.of(map, true, true), middles, progress);
    }

    /** The same where the pieces of ink are known already. */
    public static List<Contour> trace(
            InkMap map, RunLabels parts, boolean middles, Progress progress) {
        BitSet westSeen = new BitSet(map.width() * map.height());
        Border.Follower follower = new Border.Follower(map);
        List<Border> borders = new ArrayList<>();
        List<Integer> pieces = new ArrayList<>();
        int[] row = {-1};
        parts.forEachRun(
                (y, from, to, part) -> {
                    if (y != row[0]) {
                        row[0] = y;
                        progress.report(
                                "Following the edges of the ink", (double) y / map.height());
                    }
                    // Only the first pixel of a run has paper to the west.
                    int pixel = y * map.width() + from;
                    if (!westSeen.get(pixel)) {
                        Border border = follower.from(pixel << 2 | Border.WEST);
                        for (int side : border.sides()) {
                            if ((side & 3) == Border.WEST) {
                                westSeen.set(side >>> 2);
                            }
                        }
                        borders.add(border);
                        pieces.add(part);
                    }
                });
        EdgePlacer placer = placer(map, middles);
        Contour[] contours = new Contour[borders.size()];
        LargestFirst.forEach(
                contours.length,
                i -> borders.get(i).sides().length,
                i -> contours[i] = contour(borders.get(i), pieces.get(i), map.width(), placer));
        return List.of(contours);
    }

    /**
     * The contours of a map that is nearly the same as another one. Those that pass through no
     * changed part are taken over with their arrays; only the others are followed.
     *
     * @param was the other map, as large
     * @param before its contours, as this class found them with the same {@code middles}
     * @param parts the pieces of ink of {@code map}
     * @return what {@link #trace} would
     */
    public static List<Contour> retrace(
            InkMap map,
            RunLabels parts,
            boolean middles,
            InkMap was,
            List<Contour> before,
            Progress progress) {
        return map.changedSince(was)
                .map(
                        changed ->
                                new ContourUpdate(map, parts, changed, placer(map, middles))
                                        .of(before, progress))
                .orElse(before);
    }

    /** Null for the middles of pixel sides. */
    private static EdgePlacer placer(InkMap map, boolean middles) {
        return middles ? null : new EdgePlacer(map);
    }

    static Contour contour(Border border, int part, int width, EdgePlacer placer) {
        int[] sides = border.sides();
        double[] xy = new double[2 * sides.length];
        for (int k = 0; k < sides.length; k++) {
            int dx = Border.dx(sides[k]);
            int dy = Border.dy(sides[k]);
            int x = (sides[k] >>> 2) % width;
            int y = (sides[k] >>> 2) / width;
            double t = placer == null ? 0.5 : placer.place(x, y, dx, dy);
            xy[2 * k] = x + 0.5 + dx * t;
            xy[2 * k + 1] = y + 0.5 + dy * t;
        }
        return new Contour(xy, border.isHole(width), part);
    }
}
