package neattrace.trace.centre;

import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;

/** Looks across a line: how wide it is and where its middle lies. Not for several threads. */
final class Probe {

    private static final double STEP = 0.5;

    /** Coverage up to here is bare paper. */
    private static final double BARE = 8;

    /** Below this a rise means that the next line begins. */
    private static final double VALLEY = 110;

    private static final double RISE = 3;

    /** The middle of a line of less than a pixel covers so much. */
    private static final double HARDLY = 24;

    private final byte[] coverage;
    private final int width;
    private final int height;

    /** The ink's extent across, px. */
    double across;

    /** How far its middle lies along the direction looked in, px. */
    double offset;

    Probe(InkMap map) {
        this.coverage = map.coverage();
        this.width = map.width();
        this.height = map.height();
    }

    private int at(int x, int y) {
        return x < 0 || y < 0 || x >= width || y >= height ? 0 : coverage[y * width + x] & 0xff;
    }

    /** Coverage between pixel centres, 0 to 255. */
    double coverage(double x, double y) {
        double px = x - 0.5;
        double py = y - 0.5;
        int ix = (int) Math.floor(px);
        int iy = (int) Math.floor(py);
        double fx = px - ix;
        double fy = py - iy;
        double top = at(ix, iy) * (1 - fx) + at(ix + 1, iy) * fx;
        double low = at(ix, iy + 1) * (1 - fx) + at(ix + 1, iy + 1) * fx;
        return top * (1 - fy) + low * fy;
    }

    /**
     * Looks both ways from a place on a line, in a direction and against it.
     *
     * @param reach how far paper may lie at most, px
     * @return false if there is no paper within reach on either side, or no ink here
     */
    boolean look(double x, double y, double dx, double dy, double reach) {
        double here = coverage(x, y);
        double sum = here;
        double moment = 0;
        for (int side = -1; side <= 1; side += 2) {
            double last = here;
            double low = here;
            boolean ended = false;
            for (int k = 1; k * STEP <= reach; k++) {
                double s = side * k * STEP;
                double value = coverage(x + s * dx, y + s * dy);
                if (value <= BARE) {
                    ended = true;
                    break;
                }
                if (low < VALLEY && value > low + RISE) {
                    ended = true;
                    break;
                }
                low = Math.min(low, value);
                last = value;
                sum += value;
                moment += s * value;
            }
            if (!ended && last > BARE) {
                return false;
            }
        }
        if (sum < 1) {
            return false;
        }
        across = sum * STEP / 255;
        offset = moment / sum;
        return true;
    }

    /**
     * How far the edge of the ink lies from a place in a direction, px; below zero if the place
     * lies outside by so much.
     */
    double edge(Point from, Point way, double reach) {
        boolean within = coverage(from.x(), from.y()) > InkMap.EDGE;
        double sign = within ? 1 : -1;
        double last = coverage(from.x(), from.y());
        for (double s = STEP; s <= reach; s += STEP) {
            double value = coverage(from.x() + sign * s * way.x(), from.y() + sign * s * way.y());
            if (value > InkMap.EDGE != within) {
                double share = (InkMap.EDGE - last) / (value - last);
                return sign * (s - STEP + STEP * share);
            }
            last = value;
        }
        return sign * reach;
    }

    /** Whether a way runs through ink all along, but for its edge. */
    boolean isInk(List<Point> way) {
        for (int i = 0; i + 1 < way.size(); i++) {
            Point step = way.get(i + 1).minus(way.get(i));
            int pieces = (int) Math.ceil(step.length());
            for (int k = 0; k <= pieces; k++) {
                Point at = way.get(i).plus(step.times((double) k / Math.max(1, pieces)));
                if (coverage(at.x(), at.y()) < HARDLY) {
                    return false;
                }
            }
        }
        return true;
    }
}
