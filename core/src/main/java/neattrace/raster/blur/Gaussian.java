package neattrace.raster.blur;

import java.util.stream.IntStream;

/**
 * Blurs a picture of one byte a pixel; its edges are held. Linear in pixels whatever the radius;
 * bands run in parallel.
 */
public final class Gaussian {

    private static final double LONGEST_KERNEL_SIGMA = 2.5;
    private static final int BANDS = 64;

    private Gaussian() {}

    /**
     * The blurred copy.
     *
     * @param sigma standard deviation, px; nothing is blurred below 0.2
     */
    public static byte[] blur(byte[] samples, int width, int height, double sigma) {
        if (sigma < 0.2) {
            return samples.clone();
        }
        if (sigma <= LONGEST_KERNEL_SIGMA) {
            float[] kernel = kernel(sigma);
            return columns(rows(samples, width, height, kernel), width, height, kernel);
        }
        byte[] out = samples;
        for (int radius : boxes(sigma)) {
            out = boxColumns(boxRows(out, width, height, radius), width, height, radius);
        }
        return out;
    }

    /** The mean over a square of (2 radius + 1) pixels a side, edges held. */
    public static byte[] box(byte[] samples, int width, int height, int radius) {
        return boxColumns(boxRows(samples, width, height, radius), width, height, radius);
    }

    private static float[] kernel(double sigma) {
        int radius = (int) Math.ceil(3 * sigma);
        float[] kernel = new float[2 * radius + 1];
        double sum = 0;
        for (int k = -radius; k <= radius; k++) {
            sum += Math.exp(-k * k / (2 * sigma * sigma));
        }
        for (int k = -radius; k <= radius; k++) {
            kernel[k + radius] = (float) (Math.exp(-k * k / (2 * sigma * sigma)) / sum);
        }
        return kernel;
    }

    /** Radii of three boxes whose variances sum up to sigma squared, as near as whole pixels do. */
    private static int[] boxes(double sigma) {
        double ideal = Math.sqrt(12 * sigma * sigma / 3 + 1);
        int lower = ((int) ideal - 1) / 2;
        double width = 2 * lower + 1;
        double many = (12 * sigma * sigma - 3 * width * width - 12 * width - 9) / (-4 * width - 4);
        int small = (int) Math.max(0, Math.min(3, Math.rint(many)));
        int[] radii = new int[3];
        for (int k = 0; k < 3; k++) {
            radii[k] = k < small ? lower : lower + 1;
        }
        return radii;
    }

    private static void bands(int count, BandWork work) {
        int bands = Math.max(1, Math.min(count, BANDS));
        IntStream.range(0, bands)
                .parallel()
                .forEach(
                        band ->
                                work.run(
                                        (int) ((long) count * band / bands),
                                        (int) ((long) count * (band + 1) / bands)));
    }

    @FunctionalInterface
    private interface BandWork {
        void run(int from, int to);
    }

    private static byte[] rows(byte[] in, int width, int height, float[] kernel) {
        byte[] out = new byte[in.length];
        int radius = kernel.length / 2;
        bands(
                height,
                (from, to) -> {
                    for (int y = from; y < to; y++) {
                        int base = y * width;
                        for (int x = 0; x < width; x++) {
                            float sum = 0.5f;
                            for (int k = -radius; k <= radius; k++) {
                                int at = Math.max(0, Math.min(width - 1, x + k));
                                sum += kernel[k + radius] * (in[base + at] & 0xff);
                            }
                            out[base + x] = (byte) sum;
                        }
                    }
                });
        return out;
    }

    private static byte[] columns(byte[] in, int width, int height, float[] kernel) {
        byte[] out = new byte[in.length];
        int radius = kernel.length / 2;
        bands(
                height,
                (from, to) -> {
                    float[] sums = new float[width];
                    for (int y = from; y < to; y++) {
                        java.util.Arrays.fill(sums, 0.5f);
                        for (int k = -radius; k <= radius; k++) {
                            int base = Math.max(0, Math.min(height - 1, y + k)) * width;
                            float weight = kernel[k + radius];
                            for (int x = 0; x < width; x++) {
                                sums[x] += weight * (in[base + x] & 0xff);
                            }
                        }
                        for (int x = 0; x < width; x++) {
                            out[y * width + x] = (byte) sums[x];
                        }
                    }
                });
        return out;
    }

    private static byte[] boxRows(byte[] in, int width, int height, int radius) {
        byte[] out = new byte[in.length];
        int size = 2 * radius + 1;
        bands(
                height,
                (from, to) -> {
                    for (int y = from; y < to; y++) {
                        int base = y * width;
                        int sum = size / 2;
                        for (int k = -radius; k <= radius; k++) {
                            sum += in[base + Math.max(0, Math.min(width - 1, k))] & 0xff;
                        }
                        for (int x = 0; x < width; x++) {
                            out[base + x] = (byte) (sum / size);
                            sum += in[base + Math.min(width - 1, x + radius + 1)] & 0xff;
                            sum -= in[base + Math.max(0, x - radius)] & 0xff;
                        }
                    }
                });
        return out;
    }

    private static byte[] boxColumns(byte[] in, int width, int height, int radius) {
        byte[] out = new byte[in.length];
        int size = 2 * radius + 1;
        bands(
                height,
                (from, to) -> {
                    int[] sums = new int[width];
                    java.util.Arrays.fill(sums, size / 2);
                    for (int k = -radius; k <= radius; k++) {
                        add(in, row(from + k, height) * width, width, sums, 1);
                    }
                    for (int y = from; y < to; y++) {
                        for (int x = 0; x < width; x++) {
                            out[y * width + x] = (byte) (sums[x] / size);
                        }
                        add(in, row(y + radius + 1, height) * width, width, sums, 1);
                        add(in, row(y - radius, height) * width, width, sums, -1);
                    }
                });
        return out;
    }

    private static int row(int y, int height) {
        return Math.max(0, Math.min(height - 1, y));
    }

    private static void add(byte[] in, int base, int width, int[] sums, int sign) {
        for (int x = 0; x < width; x++) {
            sums[x] += sign * (in[base + x] & 0xff);
        }
    }
}
