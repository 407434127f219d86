package neattrace.trace;

import neattrace.geom.Point;

/**
 * A place where a curve leaves the ink's contour.
 *
 * @param at the place on the contour
 * @param distance how far the curve keeps from it
 */
public record Deviation(Point at, double distance) {

    /** The same in another unit. */
    public Deviation scaled(double factor) {
        return new Deviation(at.times(factor), distance * factor);
    }
}
