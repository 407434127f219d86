package neattrace.trace.centre;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;

/**
 * The corner that a round pen turned at: on the outer side its edge is an arc of the pen's own
 * radius about the corner, whichever way the sides bend before they come there. Found as the place
 * from which the edge lies a radius away all round that arc (Gauss-Newton on a circle of known
 * radius).
 */
final class RoundJoin {

    private static final int RAYS = 13;
    private static final int STEPS = 12;

    /** The ends of the arc run into the sides; so much of it is looked at. */
    private static final double SHARE = 0.8;

    /** Edges that differ by more from a circle are no round pen's, px; and times its radius. */
    private static final double LIKE_PX = 0.3;

    private static final double LIKE = 0.015;

    private RoundJoin() {}

    /**
     * Looks for it.
     *
     * @param start a place in the ink near by
     * @param in direction of the side before the corner
     * @param out direction of the side after it
     * @param half the pen's radius, px
     * @return empty if the edge is none of a round pen that turned at one place
     */
    static Optional<Point> of(Probe probe, Point start, Point in, Point out, double half) {
        boolean clockwise = in.cross(out) > 0;
        double from = Math.atan2(clockwise ? -in.x() : in.x(), clockwise ? in.y() : -in.y());
        double turn = Math.atan2(in.cross(out), in.dot(out));
        Point at = start;
        double unlike = Double.MAX_VALUE;
        for (int step = 0; step < STEPS; step++) {
            double xx = 0;
            double xy = 0;
            double yy = 0;
            double bx = 0;
            double by = 0;
            double sum = 0;
            for (int k = 0; k < RAYS; k++) {
                double share = 0.5 + SHARE * ((double) k / (RAYS - 1) - 0.5);
                double angle = from + share * turn;
                Point way = new Point(Math.cos(angle), Math.sin(angle));
                double over = probe.edge(at, way, 3 * half + 3) - half;
                xx += way.x() * way.x();
                xy += way.x() * way.y();
                yy += way.y() * way.y();
                bx += way.x() * over;
                by += way.y() * over;
                sum += over * over;
            }
            unlike = Math.sqrt(sum / RAYS);
            double det = xx * yy - xy * xy;
            if (det < 1e-9) {
                return Optional.empty();
            }
            Point shift = new Point((yy * bx - xy * by) / det, (xx * by - xy * bx) / det);
            double most = half / 2;
            double length = shift.length();
            if (length < 0.01) {
                break;
            }
            at = at.plus(length > most ? shift.times(most / length) : shift);
        }
        return unlike < LIKE_PX + LIKE * half ? Optional.of(at) : Optional.empty();
    }

    /** From a place on along a direction, bending evenly, to a corner. */
    static List<Point> side(Point from, Point along, Point corner) {
        double length = from.distance(corner);
        Point control = from.plus(along.times(length / 2));
        List<Point> way = new ArrayList<>();
        int steps = (int) Math.max(2, Math.ceil(length));
        for (int k = 0; k <= steps; k++) {
            double t = (double) k / steps;
            way.add(
                    from.times((1 - t) * (1 - t))
                            .plus(control.times(2 * t * (1 - t)))
                            .plus(corner.times(t * t)));
        }
        return way;
    }
}
