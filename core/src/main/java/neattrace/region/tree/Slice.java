package neattrace.region.tree;

import java.util.Optional;
import neattrace.geom.Point;
import neattrace.region.Join;

/**
 * What a line drawn with the knife comes to.
 *
 * @param verdict whether it cuts
 * @param cut the unseen line from ink to ink; empty if it does not cut
 * @param shortMm how far it stops short of the nearest ink; 0 unless it does
 * @param at where it stops short, mm, or its middle
 */
public record Slice(Verdict verdict, Optional<Join> cut, double shortMm, Point at) {

    /** Whether a line cuts. */
    public enum Verdict {
        /** It runs from ink to ink. */
        THROUGH,
        /** An end lies on bare paper, too far from ink to be run on to it. */
        STOPS_SHORT,
        /** It never leaves the ink. */
        ALONG_A_LINE,
        /** It is off the sheet. */
        OFF_THE_SHEET,
        /** It is hardly more than a dot. */
        A_DOT
    }
}
