package neattrace.sheet.light;

import java.util.stream.IntStream;
import neattrace.raster.Gaussian;
import neattrace.sheet.SharpenRecipe;
import neattrace.stage.Progress;

/** Sharpens. */
public final class Unsharp {

    private Unsharp() {}

    /**
     * The sharpened copy; the same array if there is nothing to do.
     *
     * @param pxPerMm resolution, by which the radius becomes pixels
     */
    public static byte[] sharpen(
            byte[] samples,
            int width,
            int height,
            SharpenRecipe recipe,
            double pxPerMm,
            Progress progress) {
        byte[] sharp = samples;
        if (recipe.percent() == 0) {
            return sharp;
        }
        for (int pass = 0; pass < recipe.passes(); pass++) {
            progress.report("Sharpening", (double) pass / recipe.passes());
            byte[] soft = Gaussian.blur(sharp, width, height, recipe.radiusMm() * pxPerMm);
            sharp =
                    once(
                            sharp,
                            soft,
                            width,
                            height,
                            recipe.percent() / 100,
                            recipe.grainPercent() * 2.55);
        }
        return sharp;
    }

    private static byte[] once(
            byte[] sharp, byte[] soft, int width, int height, double strength, double grain) {
        byte[] out = new byte[sharp.length];
        IntStream.range(0, height)
                .parallel()
                .forEach(
                        y -> {
                            for (int i = y * width; i < (y + 1) * width; i++) {
                                int value = sharp[i] & 0xff;
                                int difference = value - (soft[i] & 0xff);
                                double next =
                                        Math.abs(difference) <= grain
                                                ? value
                                                : value + strength * difference;
                                out[i] = (byte) (int) Math.max(0, Math.min(255, Math.rint(next)));
                            }
                        });
        return out;
    }
}
