package neattrace.trace.fit;

import neattrace.geom.Point;

/** A closed contour sampled at even distances. Indices run round. */
final class Samples {

    private final double[] x;
    private final double[] y;

    private Samples(double[] x, double[] y) {
        this.x = x;
        this.y = y;
    }

    static Samples along(double[] xy, double step) {
        int n = xy.length / 2;
        double length = 0;
        for (int i = 0; i < n; i++) {
            length += edge(xy, i, n);
        }
        int count = Math.max(6, (int) Math.round(length / step));
        double even = length / count;
        double[] x = new double[count];
        double[] y = new double[count];
        int i = 0;
        double done = 0;
        double current = edge(xy, 0, n);
        for (int k = 0; k < count; k++) {
            double target = k * even;
            while (i < n - 1 && done + current < target) {
                done += current;
                i++;
                current = edge(xy, i, n);
            }
            double t = current == 0 ? 0 : Math.min(1, (target - done) / current);
            int j = (i + 1) % n;
            x[k] = xy[2 * i] + t * (xy[2 * j] - xy[2 * i]);
            y[k] = xy[2 * i + 1] + t * (xy[2 * j + 1] - xy[2 * i + 1]);
        }
        return new Samples(x, y);
    }

    private static double edge(double[] xy, int i, int n) {
        int j = (i + 1) % n;
        return Math.hypot(xy[2 * j] - xy[2 * i], xy[2 * j + 1] - xy[2 * i + 1]);
    }

    int size() {
        return x.length;
    }

    double x(int i) {
        return x[Math.floorMod(i, x.length)];
    }

    double y(int i) {
        return y[Math.floorMod(i, y.length)];
    }

    Point at(int i) {
        return new Point(x(i), y(i));
    }

    /**
     * The turn in radians, 0 to pi, between the chords [i - far, i - near] and [i + near, i + far].
     */
    double turn(int i, int near, int far) {
        double bx = x(i - near) - x(i - far);
        double by = y(i - near) - y(i - far);
        double fx = x(i + far) - x(i + near);
        double fy = y(i + far) - y(i + near);
        return Math.abs(Math.atan2(bx * fy - by * fx, bx * fx + by * fy));
    }
}
