package neattrace.region.area;

/** Decides whether two stretches of paper that meet while the flood goes down are kept apart. */
interface NeckRule {

    /**
     * Judges a meeting.
     *
     * @param neck half the width of the opening, px
     * @param peak radius of the narrower side, px
     * @param pixel of the meeting
     * @param a one basin
     * @param b the other
     * @return whether it keeps both apart; otherwise both are one from now on
     */
    boolean parts(double neck, double peak, int pixel, int a, int b);

    /**
     * Wherever paper is wider than this to each side, px, nothing is kept apart and nobody wants to
     * know of pixels there; infinite if that cannot be said.
     */
    default double alwaysMergedAbove() {
        return Double.POSITIVE_INFINITY;
    }

    /** A pixel joined a basin. */
    default void added(int basin, int pixel) {}

    /** A basin became part of another. */
    default void merged(int from, int into) {}
}
