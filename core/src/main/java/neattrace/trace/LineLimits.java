package neattrace.trace;

/**
 * What the goods can hold, for what is pointed out about lines.
 *
 * @param leastLineMm lines thinner than this do not survive, mm
 * @param leastGapMm paper between lines narrower than this fills in, mm
 * @param viewingMm how far off the goods are looked at, mm
 */
public record LineLimits(double leastLineMm, double leastGapMm, double viewingMm) {

    /** An eye of normal acuity tells apart what is one minute of arc wide (H. Snellen, 1862). */
    private static final double MINUTE = Math.toRadians(1 / 60.0);

    /** Print and stickers, held in the hand (common practice, no source). */
    public static final LineLimits USUAL = new LineLimits(0.2, 0.2, 400);

    /** No line or gap is asked to be wider, mm. */
    public static final double MOST_MM = 20;

    /** Bounds of the distance it is seen from, mm. */
    public static final double NEAREST_MM = 50;

    public static final double FARTHEST_MM = 100_000;

    public LineLimits {
        boolean fits =
                leastLineMm >= 0
                        && leastLineMm <= MOST_MM
                        && leastGapMm >= 0
                        && leastGapMm <= MOST_MM
                        && viewingMm >= NEAREST_MM
                        && viewingMm <= FARTHEST_MM;
        if (!fits) {
            throw new IllegalArgumentException(
                    "lines and gaps are 0 to 20 mm, and seen from 50 mm to 100 m");
        }
    }

    /** What is narrower than this is not seen, mm. */
    public double seenMm() {
        return viewingMm * Math.tan(MINUTE);
    }

    public LineLimits withLeastLineMm(double value) {
        return new LineLimits(value, leastGapMm, viewingMm);
    }

    public LineLimits withLeastGapMm(double value) {
        return new LineLimits(leastLineMm, value, viewingMm);
    }

    public LineLimits withViewingMm(double value) {
        return new LineLimits(leastLineMm, leastGapMm, value);
    }
}
