package neattrace.trace.review;

import java.util.Optional;
import neattrace.geom.Point;
import neattrace.trace.InkEdit;

/**
 * Something doubtful about a line.
 *
 * @param kind what it is
 * @param at where, mm on the page
 * @param from one end of what is measured, mm; equal to {@code at} if it has no ends
 * @param to its other end, mm
 * @param measureMm the measure its title gives, mm
 * @param fix the edit that mends it; empty if there is none
 */
public record LineFinding(
        Kind kind, Point at, Point from, Point to, double measureMm, Optional<InkEdit> fix) {

    /** What can be doubtful, in the order in which it is looked at. */
    public enum Kind {
        /** The line stops and goes on a little farther. */
        BREAK,
        /** A little ink sticks out of the line. */
        NUB,
        /** The line is much thinner for a moment. */
        DENT,
        /** The corner between two lines has run full. */
        FILLED_CORNER,
        /** A line that thins out stops before its point. */
        CUT_TIP,
        /** Two strokes lie side by side as if they were one. */
        STACKED,
        /** Thinner than the goods can hold. */
        THIN,
        /** Paper between lines narrower than the goods can hold. */
        TIGHT,
        /** Too fine to be seen from where the goods are looked at. */
        UNSEEN
    }
}
