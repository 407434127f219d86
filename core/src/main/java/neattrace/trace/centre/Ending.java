package neattrace.trace.centre;

import java.util.List;

/**
 * How a line ends at a meeting.
 *
 * @param changed its last known samples from the meeting inwards, as x, y and width; the nearer
 *     they are the more they are changed
 * @param more samples added from there to the meeting
 */
record Ending(double[][] changed, List<double[]> more) {

    /** Changes a strand, of which what lies beyond the last known sample is taken off. */
    void apply(Strand strand, boolean atStart) {
        int known = strand.knownEnd(atStart);
        int step = atStart ? 1 : -1;
        for (int k = 0; k < changed.length; k++) {
            int i = known + k * step;
            double share = 1 - (double) k / changed.length;
            strand.x[i] += share * (changed[k][0] - strand.x[i]);
            strand.y[i] += share * (changed[k][1] - strand.y[i]);
            strand.width[i] += share * (changed[k][2] - strand.width[i]);
        }
        strand.keep(atStart ? known : 0, atStart ? strand.size() - 1 : known);
        strand.extend(atStart, more);
    }
}
