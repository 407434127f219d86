package neattrace.sheet.light;

import java.util.BitSet;
import java.util.stream.IntStream;
import neattrace.raster.GreySheet;

/** Brings paper of uneven brightness to one white. */
public final class LightEvener {

    private LightEvener() {}

    /** The sheet with its paper at 255 everywhere; the same sheet if it is even already. */
    public static GreySheet even(GreySheet sheet) {
        return even(sheet, estimate(sheet, new BitSet()));
    }

    /**
     * Measures the paper's brightness all over the sheet.
     *
     * @param ignored pixels that tell nothing about the paper, by row times width plus column
     */
    public static LightField estimate(GreySheet sheet, BitSet ignored) {
        return PaperEvidence.of(sheet, ignored).surface();
    }

    /** The sheet divided by the light on it; the same sheet if the light is even. */
    public static GreySheet even(GreySheet sheet, LightField light) {
        return even(sheet, light, 0, 0, 1, 1);
    }

    /**
     * A part of a sheet divided by the light on the whole one.
     *
     * @param part a part of the sheet, at any resolution
     * @param left where the part begins, as a share of the sheet's width
     * @param top where it begins, as a share of the height
     * @param right where it ends
     * @param bottom where it ends
     */
    public static GreySheet even(
            GreySheet part,
            LightField light,
            double left,
            double top,
            double right,
            double bottom) {
        if (light.isEven()) {
            return part;
        }
        int width = part.width();
        int height = part.height();
        byte[] samples = part.samples();
        byte[] evened = new byte[width * height];
        LightField.Row row = light.row(width, left, right);
        int bands = Math.max(1, Math.min(height, 64));
        IntStream.range(0, bands)
                .parallel()
                .forEach(
                        band -> {
                            float[] paper = new float[width];
                            int to = (int) ((long) height * (band + 1) / bands);
                            for (int y = (int) ((long) height * band / bands); y < to; y++) {
                                row.fill(top + (bottom - top) * (y + 0.5) / height, paper);
                                int base = y * width;
                                for (int x = 0; x < width; x++) {
                                    float value = (samples[base + x] & 0xff) * 255f / paper[x];
                                    evened[base + x] = (byte) Math.min(255, (int) (value + 0.5f));
                                }
                            }
                        });
        return new GreySheet(width, height, evened);
    }
}
