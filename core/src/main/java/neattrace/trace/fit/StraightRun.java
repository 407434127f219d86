package neattrace.trace.fit;

import neattrace.geom.Point;

/**
 * A straight stretch of a section.
 *
 * @param from the first point of the section in it
 * @param to the last
 * @param start where it starts on its line
 * @param end where it ends on its line
 */
record StraightRun(int from, int to, Point start, Point end) {

    /** The direction of travel, radians. */
    double angle() {
        return end.minus(start).angle();
    }

    /** The same run with its points counted from another one of a ring of {@code n}. */
    StraightRun countedFrom(int first, int n) {
        int at = Math.floorMod(from - first, n);
        return new StraightRun(at, at + to - from, start, end);
    }
}
