package neattrace.region;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;
import neattrace.geom.Polyline;

/**
 * A line that is meant to end in the open, such as a hair, a feather or a whisker: no opening at it
 * is taken for a gap.
 *
 * @param middle the middle of the line, mm; two places or more
 * @param reachMm how far its ink may lie from its middle, mm
 */
public record OpenLine(List<Point> middle, double reachMm) implements OnPage<OpenLine> {

    public OpenLine {
        middle = List.copyOf(middle);
        if (middle.size() < 2) {
            throw new IllegalArgumentException("a line has two places or more");
        }
        if (!(reachMm > 0 && reachMm <= 50)) {
            throw new IllegalArgumentException("ink lies 0 to 50 mm from the middle of its line");
        }
    }

    /** Whether a place is on its ink. */
    public boolean isAt(Point mm) {
        return Polyline.distance(middle, mm) <= reachMm;
    }

    /** The same moved by a map of the plane under which lengths grow by {@code growth}. */
    @Override
    public OpenLine moved(UnaryOperator<Point> map, double growth) {
        return new OpenLine(middle.stream().map(map).toList(), reachMm * growth);
    }
}
