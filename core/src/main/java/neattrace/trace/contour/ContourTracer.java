package neattrace.trace.contour;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import neattrace.parallel.LargestFirst;
import neattrace.progress.Progress;
import neattrace.raster.InkMap;
import neattrace.raster.label.RunLabels;

/**
 * Finds every contour of an ink map. One pass over the pixels and one step for each border; memory
 * grows with the borders plus one bit a pixel. Borders are followed one after the other, since each
 * tells where not to begin again; where coverage puts their edges is then found side by side.
 */
public final class ContourTracer {

    /** East, south, west, north. */
    private static final int[] DX = {1, 0, -1, 0};

    private static final int[] DY = {0, 1, 0, -1};
    private static final int WEST = 2;

    private final InkMap map;

    /** Null for the middles of pixel sides. */
    private final EdgePlacer placer;

    private final BitSet westSeen;

    /** The sides of pixels along a border: four times the pixel's index plus the side. */
    private int[] sides = new int[4096];

    private ContourTracer(InkMap map, boolean middles) {
        this.map = map;
        this.placer = middles ? null : new EdgePlacer(map);
        this.westSeen = new BitSet(map.width() * map.height());
    }

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
        return new ContourTracer(map, middles).trace(parts, progress);
    }

    /** A border that has been followed. */
    private record Border(int[] sides, boolean hole, int part) {}

    private List<Contour> trace(RunLabels parts, Progress progress) {
        List<Border> borders = new ArrayList<>();
        int[] row = {-1};
        parts.forEachRun(
                (y, from, to, part) -> {
                    if (y != row[0]) {
                        row[0] = y;
                        progress.report(
                                "Following the edges of the ink", (double) y / map.height());
                    }
                    // Only the first pixel of a run has paper to the west.
                    if (!westSeen.get(y * map.width() + from)) {
                        borders.add(follow(from, y, part));
                    }
                });
        Contour[] contours = new Contour[borders.size()];
        LargestFirst.forEach(
                contours.length,
                i -> borders.get(i).sides.length,
                i -> contours[i] = placed(borders.get(i)));
        return List.of(contours);
    }

    private Contour placed(Border border) {
        double[] xy = new double[2 * border.sides.length];
        for (int k = 0; k < border.sides.length; k++) {
            int side = border.sides[k] & 3;
            int x = (border.sides[k] >>> 2) % map.width();
            int y = (border.sides[k] >>> 2) / map.width();
            double t = placer == null ? 0.5 : placer.place(x, y, DX[side], DY[side]);
            xy[2 * k] = x + 0.5 + DX[side] * t;
            xy[2 * k + 1] = y + 0.5 + DY[side] * t;
        }
        return new Contour(xy, border.hole, border.part);
    }

    private Border follow(int startX, int startY, int part) {
        int x = startX;
        int y = startY;
        int side = WEST;
        int used = 0;
        long area = 0;
        do {
            if (used == sides.length) {
                sides = Arrays.copyOf(sides, sides.length * 2);
            }
            sides[used++] = y * map.width() + x << 2 | side;
            if (side == WEST) {
                westSeen.set(y * map.width() + x);
                area -= x;
            } else if (side == 0) {
                area += x + 1;
            }
            int ahead = (side + 1) % 4;
            int aheadX = x + DX[ahead];
            int aheadY = y + DY[ahead];
            if (map.isInk(aheadX + DX[side], aheadY + DY[side])) {
                x = aheadX + DX[side];
                y = aheadY + DY[side];
                side = (side + 3) % 4;
            } else if (map.isInk(aheadX, aheadY)) {
                x = aheadX;
                y = aheadY;
            } else {
                side = ahead;
            }
        } while (x != startX || y != startY || side != WEST);
        return new Border(Arrays.copyOf(sides, used), area < 0, part);
    }
}
