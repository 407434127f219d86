package neattrace.trace.review;

import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.trace.InkLine;

/** Paper beside lines, up to the next ink. */
final class SideGaps {

    /** Ink begins where half a pixel is covered. */
    private static final double HALF = 127.5;

    private static final double STEP = 0.5;

    private final InkMap map;

    SideGaps(InkMap map) {
        this.map = map;
    }

    /** Takes a stretch along which the next ink is near. */
    interface Taker {

        /**
         * A stretch.
         *
         * @param side -1 or 1
         * @param gap paper beside each sample, px
         */
        void take(InkLine line, int side, int from, int to, double[] gap);
    }

    /** So many samples at each end of a line are left out: there it meets others. */
    static int skipped(InkLine line) {
        return (int) Math.min(line.size() / 3.0, 1.5 * line.usualWidth() + 2);
    }

    /** All stretches along which the next ink to one side is nearer than {@code most} px. */
    void each(InkLine line, int side, double most, Taker taker) {
        int n = line.size();
        int skip = skipped(line);
        double[] gap = new double[n];
        int from = -1;
        for (int i = skip; i <= n - skip; i++) {
            boolean near = false;
            if (i < n - skip) {
                gap[i] = gap(line, i, side, most);
                near = gap[i] < most;
            }
            if (near && from < 0) {
                from = i;
            } else if (!near && from >= 0) {
                taker.take(line, side, from, i - 1, gap);
                from = -1;
            }
        }
    }

    /** Paper from the line's edge to the next ink, px; {@code most} if there is none nearer. */
    private double gap(InkLine line, int i, int side, double most) {
        int n = line.size();
        Point along = line.at(Math.min(n - 1, i + 2)).minus(line.at(Math.max(0, i - 2))).unit();
        double nx = -along.y() * side;
        double ny = along.x() * side;
        double edge = line.width()[i] / 2;
        double way = edge + 0.75;
        if (coverage(line, i, nx, ny, way) >= HALF) {
            return most;
        }
        while (way < edge + most) {
            way += STEP;
            // The nearest pixel tells nearly always that there is nothing to be measured yet.
            if (!isInk(line, i, nx, ny, way)) {
                continue;
            }
            double here = coverage(line, i, nx, ny, way);
            double before = coverage(line, i, nx, ny, way - STEP);
            if (here >= HALF && before < HALF) {
                // Where the coverage passes a half is the edge (linear between the samples).
                return way - STEP * (here - HALF) / (here - before) - edge;
            }
            if (before >= HALF) {
                return way - STEP - edge;
            }
        }
        return most;
    }

    private boolean isInk(InkLine line, int i, double nx, double ny, double way) {
        return map.isInk(
                (int) Math.floor(line.x()[i] + nx * way), (int) Math.floor(line.y()[i] + ny * way));
    }

    /** Bilinear between the middles of pixels; paper outside the sheet. */
    private double coverage(InkLine line, int i, double nx, double ny, double way) {
        double x = line.x()[i] + nx * way - 0.5;
        double y = line.y()[i] + ny * way - 0.5;
        int x0 = (int) Math.floor(x);
        int y0 = (int) Math.floor(y);
        if (x0 < 0 || y0 < 0 || x0 + 1 >= map.width() || y0 + 1 >= map.height()) {
            return 0;
        }
        double u = x - x0;
        double v = y - y0;
        int at = y0 * map.width() + x0;
        byte[] c = map.coverage();
        double upper = (1 - u) * (c[at] & 0xff) + u * (c[at + 1] & 0xff);
        int below = at + map.width();
        double lower = (1 - u) * (c[below] & 0xff) + u * (c[below + 1] & 0xff);
        return (1 - v) * upper + v * lower;
    }

    /** Mean of the gap along a stretch, px. */
    static double mean(double[] gap, int from, int to) {
        double mean = 0;
        for (int i = from; i <= to; i++) {
            mean += gap[i] / (to - from + 1);
        }
        return mean;
    }

    /** The middle of the paper beside the middle of a stretch, px. */
    static Point middle(InkLine line, int side, int from, int to, double[] gap) {
        int middle = (from + to) / 2;
        double reach = line.width()[middle] / 2 + gap[middle] / 2;
        return line.at(middle).plus(out(line, side, from, to).times(reach));
    }

    /** Whether a stretch is the one to tell: each gap is met from both its lines. */
    static boolean tells(InkLine line, int side, int from, int to) {
        Point out = out(line, side, from, to);
        // The side above or to the left tells it.
        return !(out.y() > 0 || out.y() == 0 && out.x() > 0);
    }

    private static Point out(InkLine line, int side, int from, int to) {
        Point along = line.at(to).minus(line.at(from)).unit();
        return new Point(-along.y() * side, along.x() * side);
    }
}
