package neattrace.trace;

/**
 * What lines are held against, mm on the page.
 *
 * @param leastLineMm lines thinner than this do not survive; 0 for any
 * @param leastGapMm paper between lines narrower than this fills in; 0 for any
 * @param seenMm what is narrower than this is not seen
 * @param widths how many times as wide as they lie there lines will be; over 0
 */
public record LineLimits(double leastLineMm, double leastGapMm, double seenMm, double widths) {

    public LineLimits {
        if (!(leastLineMm >= 0 && leastGapMm >= 0 && seenMm >= 0 && widths > 0)) {
            throw new IllegalArgumentException("limits are lengths");
        }
    }

    /** Limits for lines as wide as they lie there. */
    public LineLimits(double leastLineMm, double leastGapMm, double seenMm) {
        this(leastLineMm, leastGapMm, seenMm, 1);
    }
}
