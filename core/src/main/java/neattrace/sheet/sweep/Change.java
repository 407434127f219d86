package neattrace.sheet.sweep;

/**
 * Something that is one way at thresholds up to a level, in 255ths, and another way above it.
 *
 * @param kind what changes
 * @param level at thresholds of {@code level} and below the first state holds, above it the second
 * @param x column of the place, sheet px
 * @param y row of the place, sheet px
 * @param size pixels of the smaller part concerned, when it joined the larger
 */
public record Change(Kind kind, int level, int x, int y, long size) {

    /** What changes above the level. */
    public enum Kind {
        /** A line that held together breaks in two. */
        LINE_BREAKS,
        /** A piece of ink is no longer there. */
        PART_LOST,
        /** Two stretches of paper that ink had parted join: a plugged slit opens. */
        SLIT_OPENS,
        /** Paper shows where all was ink: a filled hole opens. */
        HOLE_OPENS
    }

    /** Whether the change makes a threshold lose ink; otherwise it fills paper. */
    public boolean losesInk() {
        return kind == Kind.LINE_BREAKS || kind == Kind.PART_LOST;
    }
}
