package neattrace.goods.cut;

import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * A place of the cut line that was pulled somewhere else by hand.
 *
 * @param from where the line was taken, mm of the silhouette
 * @param to where it was pulled
 */
public record Pull(Point from, Point to) implements OnPage<Pull> {

    /** As far as it was pulled it takes the line along to both sides, and at least so far, mm. */
    private static final double LEAST_REACH_MM = 4;

    double reachMm() {
        return Math.max(LEAST_REACH_MM, 1.5 * from.distance(to));
    }

    /** The same in other units. */
    public Pull scaled(double factor) {
        return new Pull(from.times(factor), to.times(factor));
    }

    /** The same elsewhere. */
    public Pull moved(double dx, double dy) {
        Point by = new Point(dx, dy);
        return new Pull(from.plus(by), to.plus(by));
    }

    @Override
    public Pull moved(UnaryOperator<Point> map, double growth) {
        return new Pull(map.apply(from), map.apply(to));
    }
}
