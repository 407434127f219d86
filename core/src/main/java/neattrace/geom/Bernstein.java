package neattrace.geom;

/** The cubic Bernstein form, by which all paths of cubic Bezier segments are evaluated. */
final class Bernstein {

    private Bernstein() {}

    /**
     * One coordinate of a segment.
     *
     * @param start of the segment
     * @param first control point
     * @param second control point
     * @param end of the segment
     * @param t 0 at the start to 1 at the end
     */
    static double at(double start, double first, double second, double end, double t) {
        double s = 1 - t;
        return s * s * s * start + 3 * s * s * t * first + 3 * s * t * t * second + t * t * t * end;
    }
}
