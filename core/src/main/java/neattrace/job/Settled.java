package neattrace.job;

import neattrace.geom.Point;

/**
 * A finding that was looked at and left as it is.
 *
 * @param station at which it was found, by its key
 * @param what kind of finding, such as {@code smudge}
 * @param at where on the source, px; the origin for findings about the whole
 */
public record Settled(String station, String what, Point at) {

    /** Where findings about the whole drawing are. */
    public static final Point WHOLE = new Point(0, 0);

    /** About the whole drawing. */
    public static Settled whole(String station, String what) {
        return new Settled(station, what, WHOLE);
    }
}
