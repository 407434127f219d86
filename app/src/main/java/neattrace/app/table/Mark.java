package neattrace.app.table;

import neattrace.geom.Point;

/**
 * A place pointed out on the table.
 *
 * @param at mm
 * @param from one end of a measured stretch, mm; equal to {@code at} if there is none
 * @param to its other end, mm
 * @param text what is there, such as "0.6 mm"
 * @param strong whether it is the one being looked at
 * @param open whether it needs a decision
 */
public record Mark(Point at, Point from, Point to, String text, boolean strong, boolean open) {

    /** A place without a measured stretch. */
    public static Mark at(Point at, String text, boolean strong) {
        return new Mark(at, at, at, text, strong, true);
    }
}
