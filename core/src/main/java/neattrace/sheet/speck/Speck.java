package neattrace.sheet.speck;

/**
 * A small piece of ink, or a small hole in it.
 *
 * @param x middle, sheet px
 * @param y middle, sheet px
 * @param diameterMm of a dot of the same area
 * @param ink whether it is ink; else paper within ink
 * @param fate what became of it
 */
public record Speck(double x, double y, double diameterMm, boolean ink, Fate fate) {

    /** What becomes of small things. */
    public enum Fate {
        DROPPED,
        /** A little too large to be dropped. */
        KEPT,
        /** Small enough, but one of a row or a field of its kind. */
        PATTERN,
        /** Small enough, but protected by a mask. */
        PROTECTED
    }
}
