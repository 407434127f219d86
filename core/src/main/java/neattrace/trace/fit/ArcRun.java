package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Arc;
import neattrace.geom.Point;

/**
 * A stretch of a section that is an arc of a circle.
 *
 * @param from the first point of the section in it
 * @param to the last
 * @param start where it starts
 * @param end where it ends
 * @param centre the circle's centre
 * @param radius the circle's radius, px
 * @param sweep how far it turns, radians, clockwise on screen if positive; up to a whole turn
 */
record ArcRun(int from, int to, Point start, Point end, Point centre, double radius, double sweep) {

    /** The cubics that stand for an arc lie no farther from it, px. */
    private static final double BULGE_PX = 0.05;

    /** A little more than a quarter turn still counts as one. */
    private static final double ROUGHLY = 0.02;

    /** Into how many equal arcs it is cut, so that their cubics are as good as round. */
    int count() {
        int count = Math.max(1, (int) Math.ceil(Math.abs(sweep) / (Math.PI / 2) - ROUGHLY));
        while (new Arc(centre, radius, sweep / count).bulge() > BULGE_PX) {
            count *= 2;
        }
        return count;
    }

    /** Its cubics; the points of {@code section} between its ends tell how good they are. */
    List<Piece> pieces(Section section) {
        int count = count();
        Arc arc = new Arc(centre, radius, sweep / count);
        List<Piece> pieces = new ArrayList<>();
        Point at = start;
        int done = 0;
        for (int k = 1; k <= count; k++) {
            Point next = k == count ? end : arc.endFrom(at);
            int last = (int) ((long) section.last() * k / count);
            pieces.add(
                    new Piece(
                            at,
                            arc.controlAfter(at),
                            arc.controlBefore(next),
                            next,
                            false,
                            error(section, done, last)));
            at = next;
            done = last + 1;
        }
        return pieces;
    }

    /** How far points {@code first} to {@code last} of a section lie from the circle. */
    FitError error(Section section, int first, int last) {
        double sum = 0;
        double squares = 0;
        double max = 0;
        int worst = Math.min(first, section.last());
        for (int i = first; i <= last; i++) {
            double off = Math.abs(section.at(i).distance(centre) - radius);
            sum += off;
            squares += off * off;
            if (off > max) {
                max = off;
                worst = i;
            }
        }
        return new FitError(sum, squares, max, section.at(worst), Math.max(0, last - first + 1));
    }
}
