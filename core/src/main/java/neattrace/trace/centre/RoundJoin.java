package neattrace.trace.centre;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;

/**
 * How a round pen turned: on the outer side its edge is an arc about the place it turned at,
 * whichever way the sides bend before they come there. The arc has the pen's own radius if it
 * turned at one place, and a larger one if it ran round. Found as the circle that lies along the
 * edge all round that arc (Gauss-Newton, rays from the centre).
 *
 * @param centre it turned about, px
 * @param radius of its middle's way round; 0 for a sharp corner
 */
record RoundJoin(Point centre, double radius) {

    private static final int RAYS = 13;
    private static final int STEPS = 14;

    /** The ends of the arc run into the sides; so much of it is looked at. */
    private static final double SHARE = 0.8;

    /** Edges that differ by more from a circle are no round pen's, px; and times its radius. */
    private static final double LIKE_PX = 0.3;

    private static final double LIKE = 0.015;

    /** A way round so narrow is a sharp corner, px; and times the pen's radius. */
    private static final double SHARP_PX = 1;

    private static final double SHARP = 0.12;

    /** A larger arc is believed if the edge is so much more like it than like a pen's. */
    private static final double BETTER = 0.6;

    /** Wider bends are no corners, times the pen's radius. */
    private static final double WIDEST = 1.2;

    /**
     * Looks for it.
     *
     * @param start a place in the ink near by
     * @param in direction of the side before the corner
     * @param out direction of the side after it
     * @param half the pen's radius, px
     * @return empty if the edge is no arc about one place
     */
    static Optional<RoundJoin> of(Probe probe, Point start, Point in, Point out, double half) {
        double limit = LIKE_PX + LIKE * half;
        Fit sharp = new Fit(probe, in, out, half, false).from(start);
        Fit round = new Fit(probe, in, out, half, true).from(start);
        double radius = round.reach - half;
        boolean ran =
                round.unlike < limit
                        && radius > SHARP_PX + SHARP * half
                        && radius < WIDEST * half
                        && round.unlike < BETTER * sharp.unlike;
        if (ran) {
            return Optional.of(new RoundJoin(round.at, radius));
        }
        return sharp.unlike < limit ? Optional.of(new RoundJoin(sharp.at, 0)) : Optional.empty();
    }

    /** A circle along an edge while it is being found. */
    private static final class Fit {

        private final Probe probe;
        private final double from;
        private final double turn;
        private final double half;
        private final boolean grows;
        private Point at;
        private double reach;
        private double unlike = Double.MAX_VALUE;

        /**
         * A circle.
         *
         * @param grows whether its radius is to be found, too
         */
        Fit(Probe probe, Point in, Point out, double half, boolean grows) {
            this.probe = probe;
            boolean clockwise = in.cross(out) > 0;
            from = Math.atan2(clockwise ? -in.x() : in.x(), clockwise ? in.y() : -in.y());
            turn = Math.atan2(in.cross(out), in.dot(out));
            this.half = half;
            this.grows = grows;
            this.reach = half;
        }

        Fit from(Point start) {
            at = start;
            for (int step = 0; step < STEPS; step++) {
                LeastSquares squares = new LeastSquares(grows ? 3 : 2);
                double sum = 0;
                for (int k = 0; k < RAYS; k++) {
                    double angle = from + turn * (0.5 + SHARE * ((double) k / (RAYS - 1) - 0.5));
                    Point way = new Point(Math.cos(angle), Math.sin(angle));
                    double over = probe.edge(at, way, 4 * half + 3) - reach;
                    sum += over * over;
                    squares.add(over, way.x(), way.y(), 1);
                }
                unlike = Math.sqrt(sum / RAYS);
                double[] by = squares.solve();
                if (by == null) {
                    unlike = Double.MAX_VALUE;
                    return this;
                }
                double length = Math.hypot(by[0], by[1]);
                if (length < 0.01) {
                    break;
                }
                double share = Math.min(1, half / 2 / length);
                at = at.plus(new Point(by[0], by[1]).times(share));
                reach = Math.max(half / 2, Math.min(4 * half, reach + (grows ? share * by[2] : 0)));
            }
            return this;
        }
    }

    /**
     * The way round it, from one side to the other.
     *
     * @param before last known place of the first side, which runs on as {@code in}
     * @param after first known place of the other side, which runs on as {@code out}
     */
    List<Point> way(Point before, Point in, Point out, Point after) {
        double sign = in.cross(out) > 0 ? 1 : -1;
        Point first = centre.plus(new Point(in.y(), -in.x()).times(sign * radius));
        Point last = centre.plus(new Point(out.y(), -out.x()).times(sign * radius));
        List<Point> way = new ArrayList<>(side(before, in, first));
        double turn = Math.atan2(in.cross(out), in.dot(out));
        int steps = (int) Math.ceil(Math.abs(turn) * radius);
        for (int k = 1; k < steps; k++) {
            double angle = turn * k / steps;
            Point arm = first.minus(centre);
            way.add(
                    centre.plus(
                            new Point(
                                    arm.x() * Math.cos(angle) - arm.y() * Math.sin(angle),
                                    arm.x() * Math.sin(angle) + arm.y() * Math.cos(angle))));
        }
        List<Point> back = side(after, out.times(-1), last);
        for (int k = back.size() - (radius > 0 ? 1 : 2); k >= 0; k--) {
            way.add(back.get(k));
        }
        return way;
    }

    /** From a place on along a direction, bending evenly, to another. */
    private static List<Point> side(Point from, Point along, Point to) {
        double length = from.distance(to);
        Point control = from.plus(along.times(length / 2));
        List<Point> way = new ArrayList<>();
        int steps = (int) Math.max(2, Math.ceil(length));
        for (int k = 0; k <= steps; k++) {
            double t = (double) k / steps;
            way.add(
                    from.times((1 - t) * (1 - t))
                            .plus(control.times(2 * t * (1 - t)))
                            .plus(to.times(t * t)));
        }
        return way;
    }
}
