package neattrace.trace.fit;

import neattrace.geom.Point;

/**
 * A contour sampled at even distances. Indices run round if it is closed, and stop at the ends if
 * not.
 */
final class Samples {

    private final double[] x;
    private final double[] y;
    private final boolean closed;

    private Samples(double[] x, double[] y, boolean closed) {
        this.x = x;
        this.y = y;
        this.closed = closed;
    }

    /** Once round a closed contour. */
    static Samples along(double[] xy, double step) {
        return along(xy, step, true);
    }

    /** From the first vertex to the last one, both included. */
    static Samples alongOpen(double[] xy, double step) {
        return along(xy, step, false);
    }

    private static Samples along(double[] xy, double step, boolean closed) {
        int n = xy.length / 2;
        int edges = closed ? n : n - 1;
        double length = 0;
        for (int i = 0; i < edges; i++) {
            length += edge(xy, i, n);
        }
        int count = Math.max(6, (int) Math.round(length / step));
        double even = length / (closed ? count : count - 1);
        double[] x = new double[count];
        double[] y = new double[count];
        int i = 0;
        double done = 0;
        double current = edge(xy, 0, n);
        for (int k = 0; k < count; k++) {
            double target = k * even;
            while (i < edges - 1 && done + current < target) {
                done += current;
                i++;
                current = edge(xy, i, n);
            }
            double t = current == 0 ? 0 : Math.min(1, (target - done) / current);
            int j = (i + 1) % n;
            x[k] = xy[2 * i] + t * (xy[2 * j] - xy[2 * i]);
            y[k] = xy[2 * i + 1] + t * (xy[2 * j + 1] - xy[2 * i + 1]);
        }
        return new Samples(x, y, closed);
    }

    private static double edge(double[] xy, int i, int n) {
        int j = (i + 1) % n;
        double dx = xy[2 * j] - xy[2 * i];
        double dy = xy[2 * j + 1] - xy[2 * i + 1];
        return Math.sqrt(dx * dx + dy * dy);
    }

    int size() {
        return x.length;
    }

    double x(int i) {
        return x[index(i)];
    }

    double y(int i) {
        return y[index(i)];
    }

    private int index(int i) {
        return closed ? Math.floorMod(i, x.length) : Math.max(0, Math.min(x.length - 1, i));
    }

    Point at(int i) {
        return new Point(x(i), y(i));
    }

    /** The circle nearest to all of them; null if they lie on a line. */
    Circle circle() {
        return CircleFit.circle(x, y, 0, x.length - 1);
    }

    /**
     * The turn in radians, 0 to pi, between the chords [i - far, i - near] and [i + near, i + far];
     * 0 where an open contour has not both.
     */
    double turn(int i, int near, int far) {
        if (!closed && (i < far || i >= x.length - far)) {
            return 0;
        }
        double bx = x(i - near) - x(i - far);
        double by = y(i - near) - y(i - far);
        double fx = x(i + far) - x(i + near);
        double fy = y(i + far) - y(i + near);
        return Math.abs(Math.atan2(bx * fy - by * fx, bx * fx + by * fy));
    }
}
