package neattrace.job;

import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * Where letters or a signature are, as a person marked it.
 *
 * @param from upper left corner, mm on the page
 * @param to lower right corner, mm on the page
 */
public record Lettering(Point from, Point to) implements OnPage<Lettering> {

    /** The corner that is nearer to the origin first. */
    public static Lettering between(Point one, Point other) {
        return new Lettering(
                new Point(Math.min(one.x(), other.x()), Math.min(one.y(), other.y())),
                new Point(Math.max(one.x(), other.x()), Math.max(one.y(), other.y())));
    }

    /** Whether a place on the page, mm, lies in it. */
    public boolean holds(Point at) {
        return at.x() >= from.x() && at.x() <= to.x() && at.y() >= from.y() && at.y() <= to.y();
    }

    /** Its middle, mm. */
    public Point middle() {
        return from.plus(to).times(0.5);
    }

    /** The same where the drawing now is. */
    @Override
    public Lettering moved(UnaryOperator<Point> map, double growth) {
        return between(map.apply(from), map.apply(to));
    }
}
