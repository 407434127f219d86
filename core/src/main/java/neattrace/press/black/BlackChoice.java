package neattrace.press.black;

import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * A piece of black that is printed otherwise than the rule says.
 *
 * @param at a place in it, mm
 * @param rich whether it has colours beneath it
 */
public record BlackChoice(Point at, boolean rich) implements OnPage<BlackChoice> {
    @Override
    public BlackChoice moved(UnaryOperator<Point> map, double growth) {
        return new BlackChoice(map.apply(at), rich);
    }
}
