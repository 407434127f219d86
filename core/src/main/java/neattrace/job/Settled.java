package neattrace.job;

import java.util.Set;
import neattrace.geom.Point;

/**
 * A finding that was looked at and left as it is.
 *
 * @param what kind of finding, such as {@code smudge}
 * @param at where on the source, px; the origin for findings about the whole
 */
public record Settled(String what, Point at) {

    /** What is found at Flats; a swatch's number may follow. */
    private static final Set<String> AT_FLATS =
            Set.of("alike", "once", "crowded", "small", "leak", "cut");

    /** Where findings about the whole drawing are. */
    public static final Point WHOLE = new Point(0, 0);

    /** The station at which it was found, by its key. */
    public String station() {
        if (what.startsWith("line-") || what.startsWith("all-line-")) {
            return "line";
        }
        String first = what.split(" ")[0];
        return AT_FLATS.contains(first) ? "flats" : "sheet";
    }

    /** About the whole drawing. */
    public static Settled whole(String what) {
        return new Settled(what, WHOLE);
    }
}
