package neattrace.region.tree;

import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;

/**
 * The widest way colour could take from a place.
 *
 * @param way from the place on, source px; empty if there is none
 * @param tightest the narrowest gap on it; empty if it comes through none
 * @param open whether no closed gap is on it: colour does run there
 * @param target where it leads
 */
public record ColourRun(List<Point> way, Optional<Neck> tightest, boolean open, Target target) {

    /** Where a way leads. */
    public enum Target {
        /** To the paper round the drawing. */
        PAGE,
        /** Into another area. */
        AREA,
        /** The place lies on the paper round the drawing. */
        OUTSIDE,
        /** Nowhere: ink is all round, without a gap. */
        NOWHERE,
        /** The place is off the sheet, or there are no areas. */
        NOTHING
    }

    public ColourRun {
        way = List.copyOf(way);
    }

    static ColourRun to(Target target) {
        return new ColourRun(List.of(), Optional.empty(), false, target);
    }
}
