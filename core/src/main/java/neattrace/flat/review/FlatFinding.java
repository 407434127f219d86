package neattrace.flat.review;

import java.util.List;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.region.Area;
import neattrace.region.Gap;
import neattrace.region.Join;

/** Something doubtful about flats. */
public sealed interface FlatFinding {

    /**
     * Two colours hardly anybody can tell apart.
     *
     * @param kept the one that covers more
     * @param other the one that could be merged into it
     * @param difference by CIEDE2000
     */
    record Alike(Swatch kept, Swatch other, double difference) implements FlatFinding {}

    /** A colour in one area only. */
    record UsedOnce(Swatch swatch, Area area) implements FlatFinding {}

    /**
     * Two colours that only a wide closed gap keeps apart.
     *
     * @param widthMm of the gap
     */
    record WideLeak(Gap gap, double widthMm) implements FlatFinding {}

    /**
     * A colour used in several areas, all in one part of the sheet.
     *
     * @param where such as "at the bottom"
     */
    record Crowded(Swatch swatch, List<Area> areas, String where) implements FlatFinding {}

    /**
     * A knife cut with one colour on both sides: one of them is on the wrong side, or still to
     * come.
     *
     * @param at beside the cut, px
     */
    record SameAcrossCut(Join cut, Swatch swatch, Point at) implements FlatFinding {}
}
