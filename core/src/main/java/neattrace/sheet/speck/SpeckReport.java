package neattrace.sheet.speck;

import java.util.List;

/**
 * What was done about specks.
 *
 * @param limitMm the size below which they go, mm
 * @param dropped how many went
 * @param inPattern how many stayed because they line up
 * @param doubtful those near the limit on either side, largest first, not more than {@link #MOST}
 * @param unlisted how many more are in doubt
 */
public record SpeckReport(
        double limitMm, int dropped, int inPattern, List<Speck> doubtful, int unlisted) {

    /** No more doubtful ones than this are listed. */
    public static final int MOST = 200;

    /** Nothing was dropped and nothing is in doubt. */
    public static final SpeckReport NONE = new SpeckReport(0, 0, 0, List.of(), 0);

    public SpeckReport {
        doubtful = List.copyOf(doubtful);
    }
}
