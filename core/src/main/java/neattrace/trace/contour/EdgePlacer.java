package neattrace.trace.contour;

import neattrace.raster.InkMap;

/**
 * Where the edge lies between an ink pixel and a paper pixel beside it. Coverage is the share of a
 * pixel that is ink, so the coverages summed across an edge tell where it lies, whatever its slope
 * and however soft the picture; interpolating between two centres does so only where neither pixel
 * is full or bare.
 */
final class EdgePlacer {

    /** Coverage from here on is full, and up to there bare; what is left is grain. */
    private static final int FULL = 250;

    private static final int BARE = 6;

    /** No edge is softer than this many pixels to each side. */
    private static final int REACH = 4;

    /** No pixel farther than this from the ink pixel decides where its edge lies. */
    static final int READS = 2 * REACH;

    private static final double MARGIN = 0.02;

    private final byte[] coverage;
    private final int width;
    private final int height;

    EdgePlacer(InkMap map) {
        this.coverage = map.coverage();
        this.width = map.width();
        this.height = map.height();
    }

    private int at(int x, int y) {
        return x < 0 || y < 0 || x >= width || y >= height ? 0 : coverage[y * width + x] & 0xff;
    }

    /** How far from the ink pixel's centre towards the paper pixel's the edge lies, 0 to 1. */
    double place(int x, int y, int dx, int dy) {
        int ink = at(x, y);
        int paper = at(x + dx, y + dy);
        int in = upTo(x, y, -dx, -dy, ink, FULL, 1);
        int out = 1 + upTo(x + dx, y + dy, dx, dy, paper, BARE, -1);
        boolean full = at(x - in * dx, y - in * dy) >= FULL;
        boolean bare = at(x + out * dx, y + out * dy) <= BARE;
        double t = Double.NaN;
        if (full && bare) {
            t = sum(x, y, dx, dy, -in, out) / 255.0 - in - 0.5;
        } else if (bare) {
            t = thinLine(x, y, dx, dy, in, out);
        } else if (full) {
            t = thinSlit(x, y, dx, dy, in, out);
        }
        if (Double.isNaN(t)) {
            t = (ink - InkMap.EDGE) / (ink - paper);
        }
        return Math.max(MARGIN, Math.min(1 - MARGIN, t));
    }

    /**
     * How many pixels on coverage still rises ({@code sign} 1) or falls (-1) before {@code end}.
     */
    private int upTo(int x, int y, int dx, int dy, int from, int end, int sign) {
        int value = from;
        int steps = 0;
        while (sign * value < sign * end && steps < REACH) {
            int next = at(x + (steps + 1) * dx, y + (steps + 1) * dy);
            if (sign * next < sign * value) {
                break;
            }
            value = next;
            steps++;
        }
        return steps;
    }

    private int sum(int x, int y, int dx, int dy, int from, int to) {
        int sum = 0;
        for (int k = from; k <= to; k++) {
            sum += at(x + k * dx, y + k * dy);
        }
        return sum;
    }

    /**
     * A line that fills no pixel lies about its centroid and is as wide as its sum; not a number if
     * it does not end on bare paper.
     */
    private double thinLine(int x, int y, int dx, int dy, int in, int out) {
        if (in >= REACH) {
            // Coverage still rises: no line's middle has been reached.
            return Double.NaN;
        }
        int topX = x - in * dx;
        int topY = y - in * dy;
        int low = in + upTo(topX, topY, -dx, -dy, at(topX, topY), BARE, -1);
        if (at(x - low * dx, y - low * dy) > BARE) {
            return Double.NaN;
        }
        double moment = 0;
        for (int k = -low; k <= out; k++) {
            moment += k * at(x + k * dx, y + k * dy);
        }
        double sum = sum(x, y, dx, dy, -low, out);
        return moment / sum + sum / 510;
    }

    /** The same for a slit that leaves no pixel bare. */
    private double thinSlit(int x, int y, int dx, int dy, int in, int out) {
        if (out > REACH) {
            return Double.NaN;
        }
        int bottomX = x + out * dx;
        int bottomY = y + out * dy;
        int high = out + upTo(bottomX, bottomY, dx, dy, at(bottomX, bottomY), FULL, 1);
        if (at(x + high * dx, y + high * dy) < FULL) {
            return Double.NaN;
        }
        double moment = 0;
        for (int k = -in; k <= high; k++) {
            moment += k * (255 - at(x + k * dx, y + k * dy));
        }
        double sum = 255.0 * (in + high + 1) - sum(x, y, dx, dy, -in, high);
        return moment / sum - sum / 510;
    }
}
