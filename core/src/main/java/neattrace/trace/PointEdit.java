package neattrace.trace;

import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/** One change to a point of an outline, in mm on the page. It is found again by where it is. */
public sealed interface PointEdit extends OnPage<PointEdit> {

    /** Where the point is looked for, or where a new one is put. */
    Point at();

    /**
     * Moves a point and its handles.
     *
     * @param at where the point was
     * @param to where it goes
     * @param in where the handle before it goes
     * @param out where the handle after it goes
     */
    record Move(Point at, Point to, Point in, Point out) implements PointEdit {
        @Override
        public PointEdit moved(UnaryOperator<Point> map, double growth) {
            return new Move(map.apply(at), map.apply(to), map.apply(in), map.apply(out));
        }
    }

    /** Puts a point on the curve at a place; the curve stays as it is. */
    record Add(Point at) implements PointEdit {
        @Override
        public PointEdit moved(UnaryOperator<Point> map, double growth) {
            return new Add(map.apply(at));
        }
    }

    /** Takes a point away; its two curves become one. */
    record Delete(Point at) implements PointEdit {
        @Override
        public PointEdit moved(UnaryOperator<Point> map, double growth) {
            return new Delete(map.apply(at));
        }
    }
}
