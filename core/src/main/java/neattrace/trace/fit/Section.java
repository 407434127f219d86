package neattrace.trace.fit;

import neattrace.geom.Point;

/**
 * A stretch of contour to be fitted on its own: from corner to corner, or once round a loop that
 * has none. Holds its own points, from the exact start to the exact end, and the direction of
 * travel at each.
 */
final class Section {

    /** How many samples to each side give the direction at a joint. */
    static final int TANGENT_REACH = 5;

    final double[] x;
    final double[] y;

    /** Whether it runs once round a smooth loop, so that its ends share one tangent. */
    final boolean ring;

    /** Whether it is a straight line from its first to its last point. */
    final boolean line;

    /** The arc of a circle that it is; null if it is none. */
    final ArcRun arc;

    /** Whether its ends are corners, where curves may leave freely. */
    final boolean cornerAtStart;

    final boolean cornerAtEnd;

    /** Direction of travel at each point, radians, and the way to it from the start, px. */
    final double[] angle;

    private final double[] way;

    enum Kind {
        CURVE,
        LINE,
        RING
    }

    Section(
            double[] x,
            double[] y,
            double[] angle,
            Kind kind,
            boolean cornerAtStart,
            boolean cornerAtEnd) {
        this(x, y, angle, kind, null, cornerAtStart, cornerAtEnd);
    }

    Section(
            double[] x,
            double[] y,
            double[] angle,
            Kind kind,
            ArcRun arc,
            boolean cornerAtStart,
            boolean cornerAtEnd) {
        this.x = x;
        this.y = y;
        this.angle = angle;
        this.ring = kind == Kind.RING;
        this.line = kind == Kind.LINE;
        this.arc = arc;
        this.cornerAtStart = cornerAtStart;
        this.cornerAtEnd = cornerAtEnd;
        this.way = new double[x.length];
        for (int k = 1; k < x.length; k++) {
            double dx = x[k] - x[k - 1];
            double dy = y[k] - y[k - 1];
            way[k] = way[k - 1] + Math.sqrt(dx * dx + dy * dy);
        }
    }

    int last() {
        return x.length - 1;
    }

    Point at(int i) {
        return new Point(x[i], y[i]);
    }

    /** Length of the way from one point to another, px. */
    double length(int from, int to) {
        return way[to] - way[from];
    }

    /** The direction of travel at point i, radians, from the points round it. */
    double angle(int i) {
        return angle[i];
    }

    /** By how much the direction swings between two points, radians. */
    double turn(int from, int to) {
        double low = 0;
        double high = 0;
        double sum = 0;
        for (int i = from + 1; i <= to; i++) {
            sum += step(i);
            low = Math.min(low, sum);
            high = Math.max(high, sum);
        }
        return high - low;
    }

    /** By how much the direction turns from point i - 1 to point i, radians, -pi to pi. */
    double step(int i) {
        double step = angle[i] - angle[i - 1];
        return step > Math.PI ? step - 2 * Math.PI : step < -Math.PI ? step + 2 * Math.PI : step;
    }
}
