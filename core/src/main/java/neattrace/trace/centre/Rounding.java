package neattrace.trace.centre;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/** The way round a corner: sharp, or along an arc that touches both sides. */
final class Rounding {

    private static final int STEPS = 16;

    private Rounding() {}

    /**
     * Places from one side to the other.
     *
     * @param before last place of the first side, which runs on as {@code in}
     * @param corner where both sides would meet
     * @param after first place of the other side, which runs on as {@code out}
     * @param inset how far within the corner the way runs; 0 for a sharp one
     */
    static List<Point> of(
            Point before, Point in, Point corner, Point out, Point after, double inset) {
        if (!(inset > 0)) {
            return List.of(before, corner, after);
        }
        double turn = Math.abs(Math.atan2(in.cross(out), in.dot(out)));
        double radius = inset / (1 / Math.cos(turn / 2) - 1);
        double side = radius * Math.tan(turn / 2);
        double room = Math.min(before.distance(corner), corner.distance(after));
        if (side > room) {
            // The sides are bent already where they are known: round the apex as evenly as may be.
            side = room;
        }
        Point from = corner.minus(in.times(side));
        Point to = corner.plus(out.times(side));
        Point apex = corner.plus(out.minus(in).unit().times(inset));
        List<Point> way = new ArrayList<>();
        way.add(before);
        for (int k = 0; k <= STEPS; k++) {
            way.add(conic(from, corner, to, apex, (double) k / STEPS));
        }
        way.add(after);
        return way;
    }

    /**
     * A conic that touches both sides and runs through the apex, which for the right apex is an arc
     * of a circle (rational Bezier of degree two).
     */
    private static Point conic(Point from, Point corner, Point to, Point apex, double t) {
        Point middle = from.plus(to).times(0.5);
        double whole = middle.distance(corner);
        double share = whole == 0 ? 0.5 : Math.min(0.95, middle.distance(apex) / whole);
        double weight = share / (1 - share);
        double a = (1 - t) * (1 - t);
        double b = 2 * weight * t * (1 - t);
        double c = t * t;
        return from.times(a).plus(corner.times(b)).plus(to.times(c)).times(1 / (a + b + c));
    }
}
