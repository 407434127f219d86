package neattrace.trace;

import neattrace.geom.Point;

/**
 * A place where lines end, bend sharply or meet.
 *
 * @param at where, px
 * @param radius of the largest disc of ink round it, px
 * @param lines how many ends of lines meet here; one at a tip
 */
public record LineNode(Point at, double radius, int lines) {

    /** Whether a single line ends here. */
    public boolean isTip() {
        return lines == 1;
    }

    /** Whether lines meet here. */
    public boolean isJunction() {
        return lines > 2;
    }
}
