package neattrace.sheet.light;

import java.util.stream.IntStream;
import neattrace.raster.GreySheet;
import neattrace.raster.Picture;
import neattrace.sheet.PencilRecipe;

/** Grey without a pencil's lines, or with nothing else. Linear in pixels. */
public final class PencilSplit {

    private static final int DARKEST = 6;
    private static final int STEPS = 4096;

    /** Density at which a pixel is as good as black. */
    private static final double DEEPEST = 5;

    private PencilSplit() {}

    /**
     * The grey sheet of a picture as a recipe wants it.
     *
     * @return the picture's own grey if the recipe asks for nothing or the picture has no colour
     */
    public static GreySheet grey(Picture picture, PencilRecipe recipe) {
        if (recipe.use() == PencilRecipe.Use.NONE || picture.rgb().length == 0) {
            return picture.grey();
        }
        PencilColour pencil = PencilColour.measure(picture, recipe.colour());
        return split(picture, pencil, recipe.use() == PencilRecipe.Use.KEEP);
    }

    private static GreySheet split(Picture picture, PencilColour pencil, boolean keep) {
        float[][] density = new float[3][256];
        for (int value = 0; value < 256; value++) {
            for (int channel = 0; channel < 3; channel++) {
                double share = Math.max(DARKEST, value) / pencil.paper()[channel];
                density[channel][value] = (float) Math.max(0, -Math.log(share));
            }
        }
        byte[] bright = new byte[STEPS + 1];
        double paper = (pencil.paper()[0] + pencil.paper()[1] + pencil.paper()[2]) / 3;
        for (int k = 0; k <= STEPS; k++) {
            bright[k] = (byte) (int) Math.rint(paper * Math.exp(-DEEPEST * k / STEPS));
        }
        double[] p = pencil.density();
        // Least squares for d = ink (1, 1, 1) + pencil p, both not negative.
        double sp = p[0] + p[1] + p[2];
        double pp = p[0] * p[0] + p[1] * p[1] + p[2] * p[2];
        double det = 3 * pp - sp * sp;
        int width = picture.width();
        int[] rgb = picture.rgb();
        byte[] out = new byte[rgb.length];
        IntStream.range(0, picture.height())
                .parallel()
                .forEach(
                        y -> {
                            for (int i = y * width; i < (y + 1) * width; i++) {
                                float r = density[0][rgb[i] >> 16 & 0xff];
                                float g = density[1][rgb[i] >> 8 & 0xff];
                                float b = density[2][rgb[i] & 0xff];
                                double sum = r + g + b;
                                double along = r * p[0] + g * p[1] + b * p[2];
                                double ink = (pp * sum - sp * along) / det;
                                double colour = (3 * along - sp * sum) / det;
                                if (colour < 0) {
                                    ink = sum / 3;
                                    colour = 0;
                                } else if (ink < 0) {
                                    ink = 0;
                                    colour = along / pp;
                                }
                                double deep = keep ? colour * sp / 3 : ink;
                                int step = (int) (deep * STEPS / DEEPEST + 0.5);
                                out[i] = bright[Math.min(STEPS, step)];
                            }
                        });
        return new GreySheet(width, picture.height(), out);
    }
}
