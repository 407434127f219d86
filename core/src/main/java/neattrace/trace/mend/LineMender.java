package neattrace.trace.mend;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.trace.InkEdit;
import neattrace.trace.LineNet;
import neattrace.trace.Stub;
import neattrace.trace.centre.LineIndex;
import neattrace.trace.centre.LineIndex.Spot;
import neattrace.trace.centre.PenTrack;

/**
 * Finds what a hand means on a drawing's lines and makes an edit of it. Places are in mm on the
 * page. An empty answer means that there is nothing of the kind at the place. Building one takes
 * time linear in the lines' length; an edit only the length of the line it is about.
 */
public final class LineMender {

    private final Strokes strokes;

    /** Tools for the lines of one drawing. */
    public LineMender(LineNet net, double pxPerMm) {
        this.strokes = new Strokes(net, pxPerMm);
    }

    /** The lines. */
    public LineNet net() {
        return strokes.net;
    }

    /** Where the lines are, px. */
    public LineIndex index() {
        return strokes.lineIndex;
    }

    /**
     * Takes away what is at a place: a nub that sticks out of a line, a dot, or a line, back to
     * where it meets the next.
     *
     * @param reachMm how far the place may lie beside it
     */
    public Optional<InkEdit> takeAway(Point place, double reachMm) {
        return new Removing(strokes).takeAway(place, reachMm);
    }

    /** Takes a nub off the line it sticks out of. */
    public InkEdit takeAway(Stub stub) {
        return new Removing(strokes).takeAway(stub);
    }

    /**
     * Gives a short stretch of a line one width along a straight middle: nubs go, dents are filled.
     *
     * @param what the edit's words
     * @param line which line of the net
     * @param from first sample of the stretch
     * @param to last one
     * @param widthPx the width, px
     * @param wipedPx how far across ink of the stretch may reach, px
     */
    public InkEdit evenOut(
            String what, int line, int from, int to, double widthPx, double wipedPx) {
        return new Removing(strokes).evenOut(what, line, from, to, widthPx, wipedPx);
    }

    /** The free end of a line nearest to a place, mm; empty if none is within reach. */
    public Optional<Point> tip(Point place, double reachMm) {
        return new Joining(strokes).tip(place, reachMm);
    }

    /**
     * Joins a free end to another one, or leads it on to a place on a line or on bare paper.
     *
     * @param from near the free end, mm
     * @param to near the other end, or the place
     * @param reachMm how far off either may be
     */
    public Optional<InkEdit> join(Point from, Point to, double reachMm) {
        return new Joining(strokes).join(from, to, reachMm);
    }

    /**
     * Closes a gap with ink: free ends at it are led on along their own directions; between lines
     * without ends there, a plain line is drawn as wide as they are.
     *
     * @param from the ink on one side, mm
     * @param to the ink on the other side, mm
     */
    public InkEdit closeGap(Point from, Point to) {
        return new Joining(strokes).close(from, to);
    }

    /**
     * Runs the end at a gap on past the ink that it should have met.
     *
     * @param from the ink on one side, mm
     * @param to the ink on the other side, mm
     * @param pastMm how far beyond that ink's edge it goes
     */
    public InkEdit runPast(Point from, Point to, double pastMm) {
        return new Joining(strokes).runPast(from, to, pastMm);
    }

    /**
     * Redraws a stretch or an end of a line by a line drawn over it, or draws a new line where
     * there is none. The old line's widths are kept along the new one.
     *
     * @param drawn the hand's line, mm
     * @param reachMm how far from a line it may begin or end to take that line's place
     */
    public Optional<InkEdit> redraw(List<Point> drawn, double reachMm) {
        return new Redrawing(strokes).redraw(drawn, reachMm);
    }

    /** Gives the whole stroke at a place one width. */
    public Optional<InkEdit> oneWidth(Point place, double widthMm, double reachMm) {
        return new Widening(strokes).oneWidth(place, widthMm, reachMm);
    }

    /** Lets the free ends of the stroke at a place thin out over a share of its length. */
    public Optional<InkEdit> taper(Point place, double share, double reachMm) {
        return new Widening(strokes).taper(place, share, reachMm);
    }

    /**
     * Makes the stroke at the beginning of a brush's track thicker or thinner where the brush went;
     * lines that cross it stay as they are.
     *
     * @param brush the brush's track, mm
     * @param radiusMm of the brush
     * @param factor what widths are multiplied by in the middle of the brush, above 0
     */
    public Optional<InkEdit> brush(
            List<Point> brush, double radiusMm, double factor, double reachMm) {
        return new Widening(strokes).brush(brush, radiusMm, factor, reachMm);
    }

    /** The width of the line at a place, mm; empty if there is none within reach. */
    public Optional<Double> widthAt(Point place, double reachMm) {
        return strokes.onLine(place.times(strokes.pxPerMm), reachMm * strokes.pxPerMm)
                .map(spot -> width(spot) / strokes.pxPerMm);
    }

    private double width(Spot spot) {
        return strokes.net.lines().get(spot.line()).width()[spot.sample()];
    }

    /**
     * The middle of the line at a place, from one meeting to the next, mm; empty if there is none.
     */
    public List<Point> lineAt(Point place, double reachMm) {
        return strokes.onLine(place.times(strokes.pxPerMm), reachMm * strokes.pxPerMm)
                .map(spot -> path(PenTrack.of(strokes.net.lines().get(spot.line())).thinned(0.3)))
                .orElse(List.of());
    }

    /** The middle of the whole stroke at a place, mm; empty if there is none within reach. */
    public List<Point> strokeAt(Point place, double reachMm) {
        return strokes.onStroke(place.times(strokes.pxPerMm), reachMm * strokes.pxPerMm)
                .map(spot -> path(PenTrack.of(strokes.all.get(spot.line())).thinned(0.3)))
                .orElse(List.of());
    }

    private List<Point> path(PenTrack track) {
        List<Point> path = new ArrayList<>();
        for (int i = 0; i < track.size(); i++) {
            path.add(strokes.onPage(track.at(i)));
        }
        return path;
    }
}
