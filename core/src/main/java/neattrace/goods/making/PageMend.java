package neattrace.goods.making;

import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * An area of a colouring page that was too small for the pencil, and what was done about it. The
 * drawing itself is left alone.
 *
 * @param at within the area, mm on the drawing's page
 * @param how what was done
 */
public record PageMend(Point at, How how) implements OnPage<PageMend> {

    /** What can be done. */
    public enum How {
        /** The lines round it give way, as far as they stay lines. */
        WIDEN("widen"),
        /** A line opens, so that it becomes part of its neighbour. */
        OPEN("open");

        private final String key;

        How(String key) {
            this.key = key;
        }

        /** As it is written in files. */
        public String key() {
            return key;
        }
    }

    @Override
    public PageMend moved(UnaryOperator<Point> map, double growth) {
        return new PageMend(map.apply(at), how);
    }
}
