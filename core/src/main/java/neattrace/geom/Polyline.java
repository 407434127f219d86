package neattrace.geom;

import java.util.List;

/** Lines of straight pieces, as lists of their corners. */
public final class Polyline {

    private Polyline() {}

    /**
     * How far a place is from a line, in the unit of both.
     *
     * @param corners two or more; two that are the same count as one
     */
    public static double distance(List<Point> corners, Point place) {
        double least = Double.MAX_VALUE;
        for (int i = 1; i < corners.size(); i++) {
            Point from = corners.get(i - 1);
            Point along = corners.get(i).minus(from);
            double whole = along.dot(along);
            double share = whole == 0 ? 0 : place.minus(from).dot(along) / whole;
            Point near = from.plus(along.times(Math.max(0, Math.min(1, share))));
            least = Math.min(least, near.distance(place));
        }
        return least;
    }
}
