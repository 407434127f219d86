package neattrace.sheet.ink;

import java.util.stream.IntStream;
import neattrace.raster.GaussianKernel;
import neattrace.raster.GreySheet;

/**
 * Coverage for a picture that has only black and white. A small Gaussian gives back the slope of
 * the edges; black stays on the ink side of the decision and white on the paper side, so nothing
 * joins or parts.
 */
final class OneBitSmoother {

    private static final double SIGMA_PX = 1.0;
    private static final int RADIUS = 3;

    /** How far from the decision a held pixel stays, of 255. */
    private static final int MARGIN = 1;

    private OneBitSmoother() {}

    static byte[] coverage(GreySheet sheet, int lastDark) {
        int width = sheet.width();
        int height = sheet.height();
        float[] kernel = GaussianKernel.floats(SIGMA_PX, RADIUS);
        float[] rows = new float[width * height];
        IntStream.range(0, height)
                .parallel()
                .forEach(
                        y -> {
                            for (int x = 0; x < width; x++) {
                                float sum = 0;
                                for (int k = -RADIUS; k <= RADIUS; k++) {
                                    int at = Math.max(0, Math.min(width - 1, x + k));
                                    sum += sheet.at(at, y) <= lastDark ? kernel[k + RADIUS] : 0;
                                }
                                rows[y * width + x] = sum;
                            }
                        });
        byte[] coverage = new byte[width * height];
        IntStream.range(0, height)
                .parallel()
                .forEach(
                        y -> {
                            for (int x = 0; x < width; x++) {
                                float sum = 0;
                                for (int k = -RADIUS; k <= RADIUS; k++) {
                                    int at = Math.max(0, Math.min(height - 1, y + k));
                                    sum += rows[at * width + x] * kernel[k + RADIUS];
                                }
                                boolean dark = sheet.at(x, y) <= lastDark;
                                coverage[y * width + x] = (byte) held(Math.round(255 * sum), dark);
                            }
                        });
        return coverage;
    }

    private static int held(int value, boolean dark) {
        return dark ? Math.max(value, 128 + MARGIN) : Math.min(value, 127 - MARGIN);
    }
}
