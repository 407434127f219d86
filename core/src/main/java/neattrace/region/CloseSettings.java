package neattrace.region;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/**
 * Which gaps count as closed.
 *
 * @param gapMm gaps up to this width are closed, mm; 0 closes none
 * @param opened places (mm) of gaps that stay open although they are narrow enough
 * @param closed places (mm) of gaps that are closed although they are wider
 * @param joins unseen lines that part areas besides
 */
public record CloseSettings(
        double gapMm, List<Point> opened, List<Point> closed, List<Join> joins) {

    /** Pens miss each other by up to about this much (common practice, no source). */
    public static final double USUAL_GAP_MM = 1.0;

    /** Wider openings are never taken for gaps, mm. */
    public static final double WIDEST_GAP_MM = 4.0;

    public CloseSettings {
        if (!(gapMm >= 0 && gapMm <= WIDEST_GAP_MM)) {
            throw new IllegalArgumentException("gaps must be 0 to " + WIDEST_GAP_MM + " mm wide");
        }
        opened = List.copyOf(opened);
        closed = List.copyOf(closed);
        joins = List.copyOf(joins);
    }

    /** Gaps up to the usual width are closed. */
    public static CloseSettings automatic() {
        return new CloseSettings(USUAL_GAP_MM, List.of(), List.of(), List.of());
    }

    /** The same with another width. */
    public CloseSettings withGapMm(double mm) {
        return new CloseSettings(mm, opened, closed, joins);
    }

    /** The same with these unseen lines. */
    public CloseSettings withJoins(List<Join> lines) {
        return new CloseSettings(gapMm, opened, closed, lines);
    }

    /** The same with a decision about the gap at {@code place}. */
    public CloseSettings with(Point place, boolean close) {
        List<Point> nowOpened = without(opened, place);
        List<Point> nowClosed = without(closed, place);
        (close ? nowClosed : nowOpened).add(place);
        return new CloseSettings(gapMm, nowOpened, nowClosed, joins);
    }

    private static List<Point> without(List<Point> places, Point place) {
        List<Point> rest = new ArrayList<>(places);
        rest.removeIf(other -> other.distance(place) < WIDEST_GAP_MM / 4);
        return rest;
    }
}
