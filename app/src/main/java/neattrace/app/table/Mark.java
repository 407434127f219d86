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
 * @param box whether {@code from} and {@code to} are corners of a box rather than ends of a stretch
 */
public record Mark(
        Point at, Point from, Point to, String text, boolean strong, boolean open, boolean box) {

    /** A place with a measured stretch. */
    public Mark(Point at, Point from, Point to, String text, boolean strong, boolean open) {
        this(at, from, to, text, strong, open, false);
    }

    /** A part of the page between two opposite corners. */
    public static Mark box(Point from, Point to, String text) {
        Point middle = from.plus(to).times(0.5);
        return new Mark(middle, from, to, text, false, true, true);
    }

    /** The same, looked at. */
    public Mark strengthened() {
        return new Mark(at, from, to, text, true, open, box);
    }

    /** A place without a measured stretch. */
    public static Mark at(Point at, String text, boolean strong) {
        return new Mark(at, at, at, text, strong, true);
    }
}
