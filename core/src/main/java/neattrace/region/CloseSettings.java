package neattrace.region;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * Which gaps count as closed.
 *
 * @param gapMm gaps up to this width are closed, mm; 0 closes none; {@link #AUTOMATIC} leaves the
 *     width to the drawing
 * @param opened places (mm) of gaps that stay open although they are narrow enough
 * @param closed places (mm) of gaps that are closed although they are wider
 * @param openLines lines that are meant to end in the open: no opening at them is closed, however
 *     narrow, unless it was by itself
 * @param joins unseen lines that part areas besides
 * @param cuts knife cuts: unseen lines drawn by hand
 * @param frameMm how far inside the sheet's edge a frame closes art that runs off it, mm; {@link
 *     #NO_FRAME} for none. What lies beyond is to be cropped in the end
 * @param mend how gaps are closed by hand
 */
public record CloseSettings(
        double gapMm,
        List<Point> opened,
        List<Point> closed,
        List<OpenLine> openLines,
        List<Join> joins,
        List<Join> cuts,
        double frameMm,
        Mend mend)
        implements OnPage<CloseSettings> {

    /** Pens miss each other by up to about this much (common practice, no source). */
    public static final double USUAL_GAP_MM = 1.0;

    /** The width is chosen from the drawing. */
    public static final double AUTOMATIC = -1;

    /** There is no frame. */
    public static final double NO_FRAME = -1;

    /** No frame lies farther inside the sheet, mm. */
    public static final double WIDEST_FRAME_MM = 50;

    /** How far a gap may wander between two runs and still be the one that was decided on, mm. */
    private static final double SAME_PLACE_MM = 1.0;

    /** Wider openings are never taken for gaps, mm. */
    public static final double WIDEST_GAP_MM = 4.0;

    public CloseSettings {
        if (gapMm != AUTOMATIC && !(gapMm >= 0 && gapMm <= WIDEST_GAP_MM)) {
            throw new IllegalArgumentException("gaps must be 0 to " + WIDEST_GAP_MM + " mm wide");
        }
        opened = List.copyOf(opened);
        closed = List.copyOf(closed);
        openLines = List.copyOf(openLines);
        if (frameMm != NO_FRAME && !(frameMm >= 0 && frameMm <= WIDEST_FRAME_MM)) {
            throw new IllegalArgumentException(
                    "a frame lies 0 to " + WIDEST_FRAME_MM + " mm inside the sheet");
        }
        joins = List.copyOf(joins);
        cuts = List.copyOf(cuts);
    }

    /** Gaps up to a width that the drawing itself suggests are closed. */
    public static CloseSettings automatic() {
        return new CloseSettings(
                AUTOMATIC,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                NO_FRAME,
                Mend.UNSEEN);
    }

    /** Whether the width is chosen from the drawing. */
    public boolean isAutomatic() {
        return gapMm == AUTOMATIC;
    }

    /** The width as far as it is known without a drawing, mm. */
    public double plainGapMm() {
        return isAutomatic() ? USUAL_GAP_MM : gapMm;
    }

    /**
     * Whether a decision was made about the gap at a place: true for closed, false for open. One
     * about this gap goes before one about a line at either side of it.
     *
     * @param place its narrowest place, mm
     * @param from ink at one side of it, mm
     * @param to ink at the other side, mm
     */
    public Optional<Boolean> decided(Point place, Point from, Point to) {
        if (isNear(opened, place)) {
            return Optional.of(false);
        }
        if (isNear(closed, place)) {
            return Optional.of(true);
        }
        boolean atOpenLine = openLines.stream().anyMatch(line -> line.isAt(from) || line.isAt(to));
        return atOpenLine ? Optional.of(false) : Optional.empty();
    }

    /** Whether one of some places means the gap at a place, all mm. */
    public static boolean isNear(List<Point> places, Point mm) {
        for (Point place : places) {
            if (place.distance(mm) <= SAME_PLACE_MM) {
                return true;
            }
        }
        return false;
    }

    /** The same with another width. */
    public CloseSettings withGapMm(double mm) {
        return new CloseSettings(mm, opened, closed, openLines, joins, cuts, frameMm, mend);
    }

    /** The same with these lines that are meant to end in the open. */
    public CloseSettings withOpenLines(List<OpenLine> lines) {
        return new CloseSettings(gapMm, opened, closed, lines, joins, cuts, frameMm, mend);
    }

    /** The same with these unseen lines. */
    public CloseSettings withJoins(List<Join> lines) {
        return new CloseSettings(gapMm, opened, closed, openLines, lines, cuts, frameMm, mend);
    }

    /** The same with these knife cuts. */
    public CloseSettings withCuts(List<Join> lines) {
        return new CloseSettings(gapMm, opened, closed, openLines, joins, lines, frameMm, mend);
    }

    /** The same with another frame. */
    public CloseSettings withFrameMm(double mm) {
        return new CloseSettings(gapMm, opened, closed, openLines, joins, cuts, mm, mend);
    }

    /** The same with another way to close gaps. */
    public CloseSettings withMend(Mend way) {
        return new CloseSettings(gapMm, opened, closed, openLines, joins, cuts, frameMm, way);
    }

    /** Whether there is a frame. */
    public boolean isFramed() {
        return frameMm != NO_FRAME;
    }

    /** Places where a gap was closed though none of some gaps lies there, all mm. */
    public List<Point> closedBeside(List<Point> gaps) {
        return closed.stream().filter(place -> !isNear(gaps, place)).toList();
    }

    /** The same moved by a map of the plane under which lengths grow by {@code growth}. */
    @Override
    public CloseSettings moved(UnaryOperator<Point> map, double growth) {
        return new CloseSettings(
                gapMm,
                opened.stream().map(map).toList(),
                closed.stream().map(map).toList(),
                openLines.stream().map(line -> line.moved(map, growth)).toList(),
                joins.stream().map(join -> join.moved(map, growth)).toList(),
                cuts.stream().map(join -> join.moved(map, growth)).toList(),
                frameMm,
                mend);
    }

    /** The same with a decision about the gap at {@code place}. */
    public CloseSettings with(Point place, boolean close) {
        List<Point> nowOpened = without(opened, place);
        List<Point> nowClosed = without(closed, place);
        (close ? nowClosed : nowOpened).add(place);
        return new CloseSettings(
                gapMm, nowOpened, nowClosed, openLines, joins, cuts, frameMm, mend);
    }

    private static List<Point> without(List<Point> places, Point place) {
        List<Point> rest = new ArrayList<>(places);
        rest.removeIf(other -> other.distance(place) <= SAME_PLACE_MM);
        return rest;
    }
}
