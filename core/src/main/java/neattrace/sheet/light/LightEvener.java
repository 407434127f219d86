package neattrace.sheet.light;

import java.util.BitSet;
import java.util.stream.IntStream;
import neattrace.raster.GreySheet;

/** Brings paper of uneven brightness to one white. */
public final class LightEvener {

    /** Over so few rows light changes straight: far fewer than a tile of the field has. */
    private static final int ROWS = 8;

    private static final int BAND = 8 * ROWS;

    /** Bits of gains behind the point. */
    private static final int FRACTION = 16;

    private static final int ONE = 1 << FRACTION;

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
        IntStream.range(0, (height + BAND - 1) / BAND)
                .parallel()
                .forEach(
                        band -> {
                            int last = Math.min(height, (band + 1) * BAND);
                            float[] gain = row.gains(top + (bottom - top) * band * BAND / height);
                            for (int from = band * BAND; from < last; from += ROWS) {
                                int to = Math.min(last, from + ROWS);
                                float[] next = row.gains(top + (bottom - top) * to / height);
                                brighten(samples, evened, from, to, gain, next);
                                gain = next;
                            }
                        });
        return new GreySheet(width, height, evened);
    }

    /**
     * Rows from one gain to the next, in whole numbers, which are several times quicker to turn
     * into samples than floats; in 65536ths they are off by less than 0.02 of a grey.
     */
    private static void brighten(
            byte[] samples, byte[] evened, int from, int to, float[] gain, float[] next) {
        int width = gain.length;
        int[] now = new int[width];
        int[] step = new int[width];
        for (int x = 0; x < width; x++) {
            float slope = (next[x] - gain[x]) / (to - from);
            now[x] = (int) ((gain[x] + 0.5f * slope) * ONE + 0.5f);
            step[x] = Math.round(slope * ONE);
        }
        for (int y = from; y < to; y++) {
            int base = y * width;
            for (int x = 0; x < width; x++) {
                int value = (samples[base + x] & 0xff) * now[x] + ONE / 2 >> FRACTION;
                evened[base + x] = (byte) Math.min(255, value);
            }
            for (int x = 0; x < width; x++) {
                now[x] += step[x];
            }
        }
    }
}
