package neattrace.trace.fit;

/** One cubic under the hand: set, evaluated and projected on to many times. Not thread-safe. */
final class Cubic {

    /** Places looked at for a global search. */
    private static final int PLACES = 12;

    /** Places at which curvature is looked at. */
    private static final int BENDS = 24;

    private double ax;
    private double bx;
    private double cx;
    private double dx;
    private double ay;
    private double by;
    private double cy;
    private double dy;

    /** From its four control points to the power basis, which is quicker to evaluate. */
    void set(
            double x0,
            double y0,
            double x1,
            double y1,
            double x2,
            double y2,
            double x3,
            double y3) {
        cx = 3 * (x1 - x0);
        bx = 3 * (x2 - x1) - cx;
        ax = x3 - x0 - cx - bx;
        dx = x0;
        cy = 3 * (y1 - y0);
        by = 3 * (y2 - y1) - cy;
        ay = y3 - y0 - cy - by;
        dy = y0;
    }

    double x(double t) {
        return ((ax * t + bx) * t + cx) * t + dx;
    }

    double y(double t) {
        return ((ay * t + by) * t + cy) * t + dy;
    }

    double slopeX(double t) {
        return (3 * ax * t + 2 * bx) * t + cx;
    }

    double slopeY(double t) {
        return (3 * ay * t + 2 * by) * t + cy;
    }

    /**
     * The radius of its curvature where it is bent most, |B'|^3 / |B' x B''|; of places all along.
     */
    double leastRadius() {
        double least = Double.POSITIVE_INFINITY;
        for (int k = 0; k <= BENDS; k++) {
            double t = (double) k / BENDS;
            double vx = slopeX(t);
            double vy = slopeY(t);
            double speed = Math.sqrt(vx * vx + vy * vy);
            double cross = Math.abs(vx * (6 * ay * t + 2 * by) - vy * (6 * ax * t + 2 * bx));
            if (cross * least > speed * speed * speed) {
                least = speed * speed * speed / cross;
            }
        }
        return least;
    }

    /** One Newton step from {@code t} towards the parameter nearest to a point, kept in 0 to 1. */
    double nearer(double px, double py, double t) {
        double ex = x(t) - px;
        double ey = y(t) - py;
        double vx = slopeX(t);
        double vy = slopeY(t);
        double curve = vx * vx + vy * vy + ex * (6 * ax * t + 2 * bx) + ey * (6 * ay * t + 2 * by);
        if (curve <= 0) {
            return t;
        }
        double better = t - (ex * vx + ey * vy) / curve;
        return better < 0 ? 0 : better > 1 ? 1 : better;
    }

    /** The parameter about one step of ({@code sx}, {@code sy}) farther on. */
    double onward(double t, double sx, double sy) {
        double vx = slopeX(t);
        double vy = slopeY(t);
        double speed = vx * vx + vy * vy;
        double along = sx * vx + sy * vy;
        return speed < 1e-12 || along <= 0 ? t : Math.min(1, t + along / speed);
    }

    /** Squared distance of a point from the place at a parameter. */
    double squareTo(double px, double py, double t) {
        double ex = x(t) - px;
        double ey = y(t) - py;
        return ex * ex + ey * ey;
    }

    /** The parameter nearest to a point, looked for all along. */
    double nearest(double px, double py) {
        double best = 0;
        double least = Double.MAX_VALUE;
        for (int k = 0; k <= PLACES; k++) {
            double t = (double) k / PLACES;
            double square = squareTo(px, py, t);
            if (square < least) {
                least = square;
                best = t;
            }
        }
        return nearer(px, py, nearer(px, py, nearer(px, py, best)));
    }
}
