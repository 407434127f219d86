package neattrace.goods.making;

import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * A tie that a person decided about.
 *
 * @param at where, mm on the drawing's page
 * @param wanted whether there must be one; else there must be none
 */
public record TieChoice(Point at, boolean wanted) implements OnPage<TieChoice> {
    @Override
    public TieChoice moved(UnaryOperator<Point> map, double growth) {
        return new TieChoice(map.apply(at), wanted);
    }
}
