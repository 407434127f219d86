package neattrace.app.table;

import java.util.List;
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
 * @param shape how it is drawn
 * @param way places of a line that belongs to it, mm; none for most
 */
public record Mark(
        Point at,
        Point from,
        Point to,
        String text,
        boolean strong,
        boolean open,
        Shape shape,
        List<Point> way) {

    /** How a mark is drawn. */
    public enum Shape {
        /** A ring round the place; its way, if it has one, is a line. */
        RING,
        /** A broken ring round an opening that is meant to stay. */
        OPENING,
        /** A ring round the place, and a way that leads somewhere through it. */
        RUN,
        /** A box between {@code from} and {@code to} as corners. */
        BOX,
        /** The way alone, as an unseen line. */
        LINE
    }

    public Mark {
        way = List.copyOf(way);
    }

    /** A place with a measured stretch. */
    public Mark(Point at, Point from, Point to, String text, boolean strong, boolean open) {
        this(at, from, to, text, strong, open, Shape.RING, List.of());
    }

    /** The same as an opening that is meant to stay: nothing is measured, nothing asked. */
    public Mark meant(String words) {
        return new Mark(at, at, at, words, strong, false, Shape.OPENING, way);
    }

    /** A part of the page between two opposite corners. */
    public static Mark box(Point from, Point to, String text) {
        Point middle = from.plus(to).times(0.5);
        return new Mark(middle, from, to, text, false, true, Shape.BOX, List.of());
    }

    /** An unseen line. */
    public static Mark line(List<Point> way, Point at, String text) {
        return new Mark(at, at, at, text, false, false, Shape.LINE, way);
    }

    /** The same, looked at. */
    public Mark strengthened() {
        return new Mark(at, from, to, text, true, open, shape, way);
    }

    /** The same at the narrowest place of a way. */
    public Mark on(List<Point> places) {
        return new Mark(at, from, to, text, strong, open, Shape.RUN, places);
    }

    /** The same with a line that belongs to it. */
    public Mark along(List<Point> places) {
        return new Mark(at, from, to, text, strong, open, shape, places);
    }

    /** A place without a measured stretch. */
    public static Mark at(Point at, String text, boolean strong) {
        return new Mark(at, at, at, text, strong, true);
    }
}
