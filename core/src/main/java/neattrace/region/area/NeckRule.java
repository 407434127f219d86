package neattrace.region.area;

/** Decides what happens where two stretches of paper meet while the flood goes down. */
interface NeckRule {

    /** What a meeting is. */
    enum Verdict {
        /** Both are one. */
        MERGE,
        /** A narrow place worth pointing out, but both are one. */
        OPEN,
        /** A narrow place that keeps both apart. */
        CLOSED
    }

    /**
     * Judges a meeting.
     *
     * @param neck half the width of the opening, px
     * @param peak radius of the narrower side, px
     * @param pixel of the meeting
     * @param a one basin
     * @param b the other
     */
    Verdict judge(double neck, double peak, int pixel, int a, int b);

    /**
     * Judges a further opening between two basins that are kept apart already.
     *
     * @param pixel of the meeting
     */
    default Verdict judgeFurther(int pixel) {
        return Verdict.CLOSED;
    }

    /**
     * Wherever paper is wider than this to each side, px, all meetings are {@link Verdict#MERGE}
     * and nobody wants to know of pixels there; infinite if that cannot be said.
     */
    default double alwaysMergedAbove() {
        return Double.POSITIVE_INFINITY;
    }

    /** A pixel joined a basin. */
    default void added(int basin, int pixel) {}

    /** A basin became part of another. */
    default void merged(int from, int into) {}

    /** Whether further openings between two basins kept apart are wanted, too. */
    default boolean wantsAll() {
        return false;
    }
}
