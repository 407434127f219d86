package neattrace.sheet;

/**
 * Sharpening of the darkness, by unsharp masking.
 *
 * @param passes how often, 0 for none; one strong pass and several gentle ones are both usual
 * @param percent strength of one pass, 0 to 500
 * @param radiusMm standard deviation of the blur it compares with, on the paper, so that it means
 *     the same at every resolution
 * @param grainPercent differences smaller than this share of the way from paper to ink are grain
 *     and left alone
 */
public record SharpenRecipe(int passes, double percent, double radiusMm, double grainPercent) {

    /** No sharpening. */
    public static final SharpenRecipe NONE = new SharpenRecipe(0, 100, 0.1, 8);

    /** One strong pass (common practice, no source). */
    public static final SharpenRecipe STRONG = new SharpenRecipe(1, 200, 0.12, 8);

    /** Several gentle passes (common practice, no source). */
    public static final SharpenRecipe GENTLE = new SharpenRecipe(4, 45, 0.08, 8);

    /** The most passes. */
    public static final int MOST_PASSES = 8;

    /** The strongest pass, percent. */
    public static final double MOST_PERCENT = 500;

    /** Bounds of the radius, mm. */
    public static final double LEAST_RADIUS_MM = 0.01;

    public static final double MOST_RADIUS_MM = 5;

    /** The most grain that is left alone, percent. */
    public static final double MOST_GRAIN = 50;

    public SharpenRecipe {
        if (passes < 0 || passes > MOST_PASSES) {
            throw new IllegalArgumentException("sharpening takes 0 to 8 passes");
        }
        if (!(percent >= 0
                && percent <= MOST_PERCENT
                && radiusMm >= LEAST_RADIUS_MM
                && radiusMm <= MOST_RADIUS_MM)) {
            throw new IllegalArgumentException(
                    "sharpening needs a strength of 0 to 500 % and a radius of 0.01 to 5 mm");
        }
        if (!(grainPercent >= 0 && grainPercent <= MOST_GRAIN)) {
            throw new IllegalArgumentException("grain is 0 to 50 %");
        }
    }
}
