package neattrace.trace;

/**
 * What lines are held against, mm on the page.
 *
 * @param leastLineMm lines thinner than this do not survive; 0 for any
 * @param leastGapMm paper between lines narrower than this fills in; 0 for any
 * @param seenMm what is narrower than this is not seen
 */
public record LineLimits(double leastLineMm, double leastGapMm, double seenMm) {

    public LineLimits {
        if (!(leastLineMm >= 0 && leastGapMm >= 0 && seenMm >= 0)) {
            throw new IllegalArgumentException("limits are lengths");
        }
    }
}
