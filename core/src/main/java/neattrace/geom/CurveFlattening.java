package neattrace.geom;

/**
 * How finely a cubic has to be cut for chords to keep close to it, from the second differences of
 * its control points (Wang's formula; R. Goldman in <i>Graphics Gems I</i>, 1990).
 */
final class CurveFlattening {

    private CurveFlattening() {}

    /** The number of chords of even parameter that keep within {@code tolerance}. */
    static int pieces(Point start, Point first, Point second, Point end, double tolerance) {
        double bend =
                Math.max(
                        start.minus(first.times(2)).plus(second).length(),
                        first.minus(second.times(2)).plus(end).length());
        return (int) Math.max(1, Math.ceil(Math.sqrt(0.75 * bend / tolerance)));
    }
}
