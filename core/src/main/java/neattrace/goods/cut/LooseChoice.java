package neattrace.goods.cut;

import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * What becomes of one piece that lies too far from the rest to share its cut.
 *
 * @param at a place within the piece or its border
 * @param as what becomes of it
 */
public record LooseChoice(Point at, Loose as) implements OnPage<LooseChoice> {

    /** The same in other units. */
    public LooseChoice scaled(double factor) {
        return new LooseChoice(at.times(factor), as);
    }

    @Override
    public LooseChoice moved(UnaryOperator<Point> map, double growth) {
        return new LooseChoice(map.apply(at), as);
    }
}
