package neattrace.raster;

import java.util.Arrays;
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
            return convolved(
                    samples,
                    width,
                    height,
                    GaussianKernel.floats(sigma, (int) Math.ceil(3 * sigma)));
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

    /**
     * Both directions in one pass down each band: rows are blurred as they come and kept in a ring
     * as long as the rows above and below need them.
     */
    private static byte[] convolved(byte[] in, int width, int height, float[] kernel) {
        byte[] out = new byte[in.length];
        int radius = kernel.length / 2;
        bands(
                height,
                (from, to) -> {
                    float[][] ring = new float[kernel.length][width];
                    float[] padded = new float[width + 2 * radius];
                    float[] sums = new float[width];
                    for (int y = from - radius; y < from + radius; y++) {
                        blurRow(in, width, row(y, height), kernel, padded, ring(ring, y));
                    }
                    for (int y = from; y < to; y++) {
                        int next = y + radius;
                        blurRow(in, width, row(next, height), kernel, padded, ring(ring, next));
                        Arrays.fill(sums, 0.5f);
                        for (int k = -radius; k <= radius; k++) {
                            addScaled(ring(ring, y + k), kernel[k + radius], sums);
                        }
                        int base = y * width;
                        for (int x = 0; x < width; x++) {
                            out[base + x] = (byte) (int) sums[x];
                        }
                    }
                });
        return out;
    }

    private static float[] ring(float[][] ring, int y) {
        return ring[Math.floorMod(y, ring.length)];
    }

    private static void blurRow(
            byte[] in, int width, int y, float[] kernel, float[] padded, float[] out) {
        int radius = kernel.length / 2;
        int base = y * width;
        for (int x = 0; x < width; x++) {
            padded[x + radius] = in[base + x] & 0xff;
        }
        Arrays.fill(padded, 0, radius, in[base] & 0xff);
        Arrays.fill(padded, width + radius, padded.length, in[base + width - 1] & 0xff);
        Arrays.fill(out, 0);
        for (int k = 0; k < kernel.length; k++) {
            float weight = kernel[k];
            for (int x = 0; x < width; x++) {
                out[x] += weight * padded[x + k];
            }
        }
    }

    private static void addScaled(float[] row, float weight, float[] sums) {
        for (int x = 0; x < sums.length; x++) {
            sums[x] += weight * row[x];
        }
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
                    Arrays.fill(sums, size / 2);
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
