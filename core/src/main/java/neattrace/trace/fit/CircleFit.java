package neattrace.trace.fit;

import neattrace.geom.Point;

/**
 * A first circle through points, from a linear system (I. Kasa, "A circle fitting procedure and its
 * error analysis", IEEE Trans. Instrumentation and Measurement 25, 1976).
 */
final class CircleFit {

    private CircleFit() {}

    /** The circle nearest to points {@code from} to {@code to}; null if they lie on a line. */
    static Circle circle(double[] x, double[] y, int from, int to) {
        int n = to - from + 1;
        double mx = 0;
        double my = 0;
        for (int i = from; i <= to; i++) {
            mx += x[i] / n;
            my += y[i] / n;
        }
        double xx = 0;
        double xy = 0;
        double yy = 0;
        double xz = 0;
        double yz = 0;
        double zz = 0;
        for (int i = from; i <= to; i++) {
            double dx = x[i] - mx;
            double dy = y[i] - my;
            double z = dx * dx + dy * dy;
            xx += dx * dx;
            xy += dx * dy;
            yy += dy * dy;
            xz += dx * z;
            yz += dy * z;
            zz += z;
        }
        double determinant = xx * yy - xy * xy;
        if (determinant < 1e-9) {
            return null;
        }
        double cx = (xz * yy - yz * xy) / (2 * determinant);
        double cy = (yz * xx - xz * xy) / (2 * determinant);
        double radius = Math.sqrt(cx * cx + cy * cy + zz / n);
        return new Circle(new Point(mx + cx, my + cy), radius);
    }
}
