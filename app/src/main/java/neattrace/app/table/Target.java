package neattrace.app.table;

import java.util.List;
import neattrace.geom.Point;
import neattrace.region.Area;

/**
 * What a click would colour.
 *
 * @param areas areas that light up
 * @param stroke the middle of a line that lights up, mm; none if it is areas
 */
public record Target(List<Area> areas, List<Point> stroke) {

    /** Nothing. */
    public static final Target NOTHING = new Target(List.of(), List.of());

    public Target {
        areas = List.copyOf(areas);
        stroke = List.copyOf(stroke);
    }

    /** Some areas. */
    public static Target of(List<Area> areas) {
        return new Target(areas, List.of());
    }
}
