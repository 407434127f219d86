package neattrace.geom;

import java.awt.geom.AffineTransform;
import java.util.Optional;

/** Cubic Bezier segments, one after the other; some are straight, some stand for circular arcs. */
public sealed interface CubicSegments permits CubicLoop, CubicPath {

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

    /** The circular arc that segment {@code i} stands for, if it is one. */
    default Optional<Arc> arc(int i) {
        return isStraight(i)
                ? Optional.empty()
                : Arc.of(point(i), control(i, 0), control(i, 1), point(i + 1));
    }
}
