package neattrace.region.tree;

import java.util.List;
import neattrace.region.CloseSettings;

/**
 * The width up to which gaps are best closed: the middle of the longest stretch of widths in which
 * the areas stay the same, within what slips of the pen come to.
 */
final class CalmWidth {

    /** Slips of the pen are no wider, and a width below which nothing is closed serves nobody. */
    private static final double LEAST_MM = 0.5;

    private static final double MOST_MM = 2;

    /** Another stretch has to be so many times as long as the one with the usual width. */
    private static final double CLEARLY = 1.5;

    private CalmWidth() {}

    /**
     * Chooses.
     *
     * @param changes widths at which areas change, mm, widest first
     */
    static double of(List<Double> changes) {
        double best = 0;
        double low = LEAST_MM;
        double high = MOST_MM;
        double usual = 0;
        double upper = MOST_MM;
        for (int i = 0; i <= changes.size(); i++) {
            double lower = i == changes.size() ? LEAST_MM : changes.get(i);
            lower = Math.min(MOST_MM, Math.max(LEAST_MM, lower));
            double length = Math.log(upper / lower);
            if (lower <= CloseSettings.USUAL_GAP_MM && CloseSettings.USUAL_GAP_MM <= upper) {
                usual = Math.max(usual, length);
            }
            if (length > best) {
                best = length;
                low = lower;
                high = upper;
            }
            upper = lower;
        }
        boolean holdsUsual =
                low <= CloseSettings.USUAL_GAP_MM && CloseSettings.USUAL_GAP_MM <= high;
        if (holdsUsual || best < CLEARLY * usual) {
            return CloseSettings.USUAL_GAP_MM;
        }
        return Math.round(100 * Math.sqrt(low * high)) / 100.0;
    }
}
