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

    public SharpenRecipe {
        if (passes < 0 || passes > 8) {
            throw new IllegalArgumentException("sharpening takes 0 to 8 passes");
        }
        if (!(percent >= 0 && percent <= 500 && radiusMm >= 0.01 && radiusMm <= 5)) {
            throw new IllegalArgumentException(
                    "sharpening needs a strength of 0 to 500 % and a radius of 0.01 to 5 mm");
        }
        if (!(grainPercent >= 0 && grainPercent <= 50)) {
            throw new IllegalArgumentException("grain is 0 to 50 %");
        }
    }
}
