package neattrace.geom;

import java.awt.geom.AffineTransform;
import java.util.Optional;

/** Cubic Bezier segments, one after the other; some are straight, some stand for circular arcs. */
public sealed interface CubicSegments permits CubicLoop, CubicPath {

    /** Places of a segment at which curvature is looked at. */
    int BENDS = 48;

    /** Number of segments. */
    int size();

    /** Whether segment {@code i} is an exact straight line. */
    boolean isStraight(int i);

    /** Where segment {@code i} starts; the one before it ends there. */
    Point point(int i);

    /** The control point of segment {@code i} near its start ({@code which = 0}) or its end (1). */
    Point control(int i, int which);

    /** The point of segment {@code i} at parameter {@code t} in 0 to 1. */
    Point at(int i, double t);

    /** The same under a map of the plane. */
    CubicSegments mapped(AffineTransform map);

    /** How many chords of even parameter keep within {@code tolerance} of segment {@code i}. */
    default int pieces(int i, double tolerance) {
        if (isStraight(i)) {
            return 1;
        }
        return CurveFlattening.pieces(
                point(i), control(i, 0), control(i, 1), point(i + 1), tolerance);
    }

    /**
     * The radius of curvature of segment {@code i} where it is bent most, |B'|^3 / |B' x B''|, of
     * many places along it; infinite if it is straight.
     */
    default double leastRadius(int i) {
        Point first = control(i, 0).minus(point(i)).times(3);
        Point middle = control(i, 1).minus(control(i, 0)).times(3);
        Point last = point(i + 1).minus(control(i, 1)).times(3);
        Point begin = middle.minus(first).times(2);
        Point end = last.minus(middle).times(2);
        double least = Double.POSITIVE_INFINITY;
        for (int k = 0; k <= BENDS; k++) {
            double t = (double) k / BENDS;
            double s = 1 - t;
            Point slope = first.times(s * s).plus(middle.times(2 * s * t)).plus(last.times(t * t));
            double cross = Math.abs(slope.cross(begin.times(s).plus(end.times(t))));
            double speed = slope.length();
            if (cross * least > speed * speed * speed) {
                least = speed * speed * speed / cross;
            }
        }
        return least;
    }

    /** The circular arc that segment {@code i} stands for, if it is one. */
    default Optional<Arc> arc(int i) {
        return isStraight(i)
                ? Optional.empty()
                : Arc.of(point(i), control(i, 0), control(i, 1), point(i + 1));
    }
}
