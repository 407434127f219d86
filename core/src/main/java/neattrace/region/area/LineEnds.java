package neattrace.region.area;

import java.util.BitSet;
import neattrace.array.IntList;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;

/**
 * Tells whether ink beside an opening is the end of a line that points across it. A circle round
 * the end of a line meets the line once, behind; round a place on a line's side it meets the line
 * twice, and round the edge of a solid black along half of its way. Not thread-safe.
 */
final class LineEnds {

    /** Going up from the edge of ink to its middle takes no more steps. */
    private static final int STEPS = 64;

    /** The circle's radius, in thicknesses of the line, and a little more, px. */
    private static final double RADIUS = 1.25;

    private static final double MORE_PX = 2.5;

    /** The circle is looked at in so many places. */
    private static final int PLACES = 48;

    /** An end takes up no more of the circle. */
    private static final int MOST_PLACES = PLACES * 3 / 10;

    /** The cosine of the largest angle by which a line that points across may miss. */
    private static final double AIM = 0.5;

    private final InkMap map;
    private final DistanceTransform side;
    private final IntList open = new IntList();

    LineEnds(InkMap map, DistanceTransform side) {
        this.map = map;
        this.side = side;
    }

    /** How many of the two sides of an opening are ends of lines that point across it, 0 to 2. */
    int count(OpeningSides opening) {
        return (isEnd(opening.from(), opening.to()) ? 1 : 0)
                + (isEnd(opening.to(), opening.from()) ? 1 : 0);
    }

    private boolean isEnd(int pixel, int across) {
        int width = map.width();
        int x = pixel % width;
        int y = pixel / width;
        double thick = 2 * Math.sqrt(deepest(x, y));
        double radius = RADIUS * thick + MORE_PX;
        int reach = (int) Math.ceil(radius) + 1;
        BitSet ink = hangingTogether(x, y, reach, radius);
        boolean[] met = new boolean[PLACES];
        int count = 0;
        double sumX = 0;
        double sumY = 0;
        for (int k = 0; k < PLACES; k++) {
            double angle = 2 * Math.PI * k / PLACES;
            int dx = (int) Math.round(radius * Math.cos(angle));
            int dy = (int) Math.round(radius * Math.sin(angle));
            met[k] = ink.get((dy + reach) * (2 * reach + 1) + dx + reach);
            if (met[k]) {
                count++;
                sumX += dx;
                sumY += dy;
            }
        }
        if (count == 0) {
            // All of it lies within the circle: a dot or a dash too short to point anywhere.
            return false;
        }
        double gapX = x - across % width;
        double gapY = y - across / width;
        double aim =
                (sumX * gapX + sumY * gapY)
                        / Math.max(1e-9, Math.hypot(sumX, sumY) * Math.hypot(gapX, gapY));
        return count <= MOST_PLACES && arcs(met) == 1 && aim >= AIM;
    }

    private static int arcs(boolean[] met) {
        int arcs = 0;
        for (int k = 0; k < met.length; k++) {
            arcs += met[k] && !met[(k + met.length - 1) % met.length] ? 1 : 0;
        }
        return arcs;
    }

    /** The squared distance from paper where going up from a pixel of ink ends, px. */
    private int deepest(int x, int y) {
        int width = map.width();
        int at = y * width + x;
        int depth = side.squaredToPaper(at);
        for (int step = 0; step < STEPS; step++) {
            int next = at;
            for (int k = 0; k < 9; k++) {
                int nx = at % width + k % 3 - 1;
                int ny = at / width + k / 3 - 1;
                if (map.isInk(nx, ny) && side.squaredToPaper(ny * width + nx) > depth) {
                    next = ny * width + nx;
                    depth = side.squaredToPaper(next);
                }
            }
            if (next == at) {
                break;
            }
            at = next;
        }
        return depth;
    }

    /** Ink within the circle and a little beyond that hangs together with a pixel. */
    private BitSet hangingTogether(int x, int y, int reach, double radius) {
        int row = 2 * reach + 1;
        BitSet found = new BitSet(row * row);
        open.add(reach * row + reach);
        found.set(reach * row + reach);
        double most = (radius + 1) * (radius + 1);
        while (open.size() > 0) {
            int at = open.removeLast();
            int dx = at % row - reach;
            int dy = at / row - reach;
            for (int k = 0; k < 9; k++) {
                int nx = dx + k % 3 - 1;
                int ny = dy + k / 3 - 1;
                int next = (ny + reach) * row + nx + reach;
                if (nx * nx + ny * ny <= most && map.isInk(x + nx, y + ny) && !found.get(next)) {
                    found.set(next);
                    open.add(next);
                }
            }
        }
        return found;
    }
}
