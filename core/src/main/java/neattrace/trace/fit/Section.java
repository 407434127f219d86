package neattrace.trace.fit;

import neattrace.geom.Point;

/**
 * A stretch of contour to be fitted on its own: from corner to corner, or once round a loop that
 * has none. Holds its own points, from the exact start to the exact end.
 */
final class Section {

    /** Samples this near a corner are rounded off by the pixel grid and are left out. */
    private static final int ROUNDED = 2;

    /** How many samples to each side give the direction at a joint. */
    private static final int TANGENT_REACH = 5;

    final double[] x;
    final double[] y;

    /** Whether it runs once round a smooth loop, so that its ends share one tangent. */
    final boolean ring;

    private Section(double[] x, double[] y, boolean ring) {
        this.x = x;
        this.y = y;
        this.ring = ring;
    }

    static Section between(Samples samples, Corner from, Corner to) {
        int n = samples.size();
        int steps = Math.floorMod(to.index() - from.index(), n);
        if (steps == 0) {
            steps = n;
        }
        int inner = Math.max(0, steps - 2 * ROUNDED + 1);
        double[] x = new double[inner + 2];
        double[] y = new double[inner + 2];
        x[0] = from.at().x();
        y[0] = from.at().y();
        for (int k = 0; k < inner; k++) {
            x[k + 1] = samples.x(from.index() + ROUNDED + k);
            y[k + 1] = samples.y(from.index() + ROUNDED + k);
        }
        x[inner + 1] = to.at().x();
        y[inner + 1] = to.at().y();
        return new Section(x, y, false);
    }

    /** Once round, from the flattest place. */
    static Section ring(Samples samples) {
        int n = samples.size();
        int flattest = 0;
        double least = Double.MAX_VALUE;
        int reach = Math.max(2, Math.min(8, n / 6));
        for (int i = 0; i < n; i++) {
            double turn = samples.turn(i, reach / 2, reach);
            if (turn < least) {
                least = turn;
                flattest = i;
            }
        }
        double[] x = new double[n + 1];
        double[] y = new double[n + 1];
        for (int k = 0; k <= n; k++) {
            x[k] = samples.x(flattest + k);
            y[k] = samples.y(flattest + k);
        }
        return new Section(x, y, true);
    }

    int last() {
        return x.length - 1;
    }

    Point at(int i) {
        return new Point(x[i], y[i]);
    }

    /** Length of the way from one point to another, px. */
    double length(int from, int to) {
        double length = 0;
        for (int k = from + 1; k <= to; k++) {
            double dx = x[k] - x[k - 1];
            double dy = y[k] - y[k - 1];
            length += Math.sqrt(dx * dx + dy * dy);
        }
        return length;
    }

    /** The direction of travel at point i, radians, from the points round it. */
    double angle(int i) {
        double dx = 0;
        double dy = 0;
        int reach = Math.min(TANGENT_REACH, last());
        for (int k = 1; k <= reach; k++) {
            int before = i - k;
            int after = i + k;
            if (ring) {
                before = Math.floorMod(before, last());
                after = after % last();
            } else {
                before = Math.max(0, before);
                after = Math.min(last(), after);
            }
            dx += x[after] - x[before];
            dy += y[after] - y[before];
        }
        return Math.atan2(dy, dx);
    }

    /** By how much the direction swings between two points, radians. */
    double turn(int from, int to) {
        double low = 0;
        double high = 0;
        double sum = 0;
        double last = angle(from);
        for (int i = from + 1; i <= to; i++) {
            double now = angle(i);
            sum += Math.IEEEremainder(now - last, 2 * Math.PI);
            last = now;
            low = Math.min(low, sum);
            high = Math.max(high, sum);
        }
        return high - low;
    }
}
