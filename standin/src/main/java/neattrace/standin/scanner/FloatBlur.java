package neattrace.standin.scanner;

import java.util.stream.IntStream;
import neattrace.raster.GaussianKernel;

/** Gaussian blur of samples that are not whole numbers. */
final class FloatBlur {

    private FloatBlur() {}

    /** In place; beyond the edge the edge goes on. */
    static void blur(float[] values, int width, int height, double sigma) {
        if (sigma < 0.05) {
            return;
        }
        float[] kernel = GaussianKernel.floats(sigma, (int) Math.ceil(3.5 * sigma));
        float[] rows = new float[values.length];
        IntStream.range(0, height)
                .parallel()
                .forEach(y -> line(values, rows, y * width, 1, width, kernel));
        IntStream.range(0, width)
                .parallel()
                .forEach(x -> line(rows, values, x, width, height, kernel));
    }

    private static void line(
            float[] from, float[] to, int first, int step, int count, float[] kernel) {
        int radius = kernel.length / 2;
        for (int k = 0; k < count; k++) {
            float sum = 0;
            for (int d = -radius; d <= radius; d++) {
                int at = Math.max(0, Math.min(count - 1, k + d));
                sum += kernel[d + radius] * from[first + at * step];
            }
            to[first + k * step] = sum;
        }
    }
}
