package neattrace.geom;

import java.util.Optional;

/**
 * A circular arc of at most half a turn.
 *
 * @param centre the circle's centre
 * @param radius its radius, above 0
 * @param sweep how far the arc turns, radians, clockwise on screen if positive
 */
public record Arc(Point centre, double radius, double sweep) {

    /** Controls this near to an arc's, by the length of the chord, are an arc's. */
    private static final double SAME = 1e-6;

    private static final double LEAST_SWEEP = 1e-3;

    /**
     * The arc that a cubic stands for, if it is one.
     *
     * <p>A cubic is never exactly round; the usual one (M. Goldapp, "Approximation of circular arcs
     * by cubic polynomials", CAGD 8, 1991) has arms along the tangents, {@code 4/3 tan(sweep / 4)}
     * radii long, and keeps within 0.03 % of the radius in a quarter turn. A cubic with just these
     * arms is taken for the arc.
     */
    public static Optional<Arc> of(Point start, Point first, Point second, Point end) {
        Point out = first.minus(start);
        Point in = end.minus(second);
        Point chord = end.minus(start);
        double length = chord.length();
        double sweep = Math.atan2(out.cross(in), out.dot(in));
        if (length == 0 || Math.abs(sweep) < LEAST_SWEEP) {
            return Optional.empty();
        }
        double radius = length / (2 * Math.sin(Math.abs(sweep) / 2));
        Point across = new Point(-chord.y(), chord.x()).times(Math.signum(sweep) / length);
        Point middle = start.plus(chord.times(0.5));
        Arc arc = new Arc(middle.plus(across.times(radius * Math.cos(sweep / 2))), radius, sweep);
        boolean same =
                arc.controlAfter(start).distance(first) <= SAME * length
                        && arc.controlBefore(end).distance(second) <= SAME * length;
        return same ? Optional.of(arc) : Optional.empty();
    }

    /** The first control point of the cubic that stands for this arc from {@code start} on. */
    public Point controlAfter(Point start) {
        return start.plus(tangent(start).times(arm()));
    }

    /** The second control point of the cubic that stands for this arc up to {@code end}. */
    public Point controlBefore(Point end) {
        return end.minus(tangent(end).times(arm()));
    }

    /** The arc's end if it starts at {@code start}. */
    public Point endFrom(Point start) {
        Point spoke = start.minus(centre);
        double cos = Math.cos(sweep);
        double sin = Math.sin(sweep);
        return centre.plus(
                new Point(spoke.x() * cos - spoke.y() * sin, spoke.x() * sin + spoke.y() * cos));
    }

    /** How far the cubic that stands for this arc bulges beyond it at most. */
    public double bulge() {
        double quarter = Math.abs(sweep) / 4;
        return radius * 2 / 27 * Math.pow(Math.sin(quarter), 6) / Math.pow(Math.cos(quarter), 2);
    }

    private double arm() {
        return 4.0 / 3 * Math.tan(Math.abs(sweep) / 4) * radius;
    }

    /** The direction of travel at a place on the circle. */
    private Point tangent(Point at) {
        Point spoke = at.minus(centre);
        return new Point(-spoke.y(), spoke.x()).times(Math.signum(sweep) / radius);
    }
}
