package neattrace.sheet.speck;

import java.util.List;

/**
 * What was done about specks.
 *
 * @param dust about ink on paper
 * @param pinholes about paper in ink
 * @param doubtful those that may be either, largest first, not more than {@link #MOST}
 * @param unlisted how many more are in doubt
 */
public record SpeckReport(Count dust, Count pinholes, List<Speck> doubtful, int unlisted) {

    /** No more doubtful ones than this are listed. */
    public static final int MOST = 200;

    /**
     * How many of one kind.
     *
     * @param limitMm diameter below which they go, or of the largest that went, mm; 0 if none do
     * @param dropped how many went
     * @param inPattern how many stayed because they line up
     */
    public record Count(double limitMm, int dropped, int inPattern) {

        /** Nothing was dropped. */
        public static final Count NONE = new Count(0, 0, 0);
    }

    /** Nothing was dropped and nothing is in doubt. */
    public static final SpeckReport NONE = new SpeckReport(Count.NONE, Count.NONE, List.of(), 0);

    public SpeckReport {
        doubtful = List.copyOf(doubtful);
    }

    /** How many went, dust and pinholes. */
    public int dropped() {
        return dust.dropped + pinholes.dropped;
    }

    /** How many stayed because they line up, dots and holes. */
    public int inPattern() {
        return dust.inPattern + pinholes.inPattern;
    }
}
