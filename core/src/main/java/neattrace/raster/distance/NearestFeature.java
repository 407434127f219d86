package neattrace.raster.distance;

import java.util.Arrays;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * For every pixel the index of the nearest feature pixel, by exact Euclidean distance between pixel
 * centres. Linear in pixels; rows and columns run in parallel; needs one int a pixel.
 */
public final class NearestFeature {

    /** Stands for "there is no feature anywhere". */
    public static final int NONE = -1;

    private final int width;
    private final int[] nearest;

    private NearestFeature(int width, int[] nearest) {
        this.width = width;
        this.nearest = nearest;
    }

    /**
     * Computes the transform.
     *
     * @param width columns
     * @param height rows
     * @param feature whether the pixel with an index (row times width plus column) is a feature
     */
    public static NearestFeature of(int width, int height, IntPredicate feature) {
        // First the row of the nearest feature in the same column, then the best along each row.
        int[] nearest = new int[width * height];
        int bands = Math.max(1, Math.min(width, 64));
        IntStream.range(0, bands)
                .parallel()
                .forEach(
                        band ->
                                columns(
                                        width,
                                        height,
                                        feature,
                                        nearest,
                                        (int) ((long) width * band / bands),
                                        (int) ((long) width * (band + 1) / bands)));
        int rowBands = Math.max(1, Math.min(height, 64));
        IntStream.range(0, rowBands)
                .parallel()
                .forEach(
                        band ->
                                rows(
                                        width,
                                        nearest,
                                        (int) ((long) height * band / rowBands),
                                        (int) ((long) height * (band + 1) / rowBands)));
        return new NearestFeature(width, nearest);
    }

    private static void columns(
            int width, int height, IntPredicate feature, int[] row, int from, int to) {
        int[] last = new int[to - from];
        Arrays.fill(last, NONE);
        for (int y = 0; y < height; y++) {
            for (int x = from; x < to; x++) {
                int i = y * width + x;
                if (feature.test(i)) {
                    last[x - from] = y;
                }
                row[i] = last[x - from];
            }
        }
        Arrays.fill(last, NONE);
        for (int y = height - 1; y >= 0; y--) {
            for (int x = from; x < to; x++) {
                int i = y * width + x;
                if (row[i] == y) {
                    last[x - from] = y;
                    continue;
                }
                int below = last[x - from];
                if (below != NONE && (row[i] == NONE || below - y < y - row[i])) {
                    row[i] = below;
                }
            }
        }
    }

    private static void rows(int width, int[] nearest, int from, int to) {
        int[] site = new int[width];
        long[] height = new long[width];
        double[] start = new double[width];
        int[] source = new int[width];
        for (int y = from; y < to; y++) {
            int base = y * width;
            System.arraycopy(nearest, base, source, 0, width);
            int top = -1;
            for (int x = 0; x < width; x++) {
                if (source[x] == NONE) {
                    continue;
                }
                long dy = source[x] - y;
                long value = dy * dy;
                double meet = Double.NEGATIVE_INFINITY;
                while (top >= 0) {
                    meet = meeting(site[top], height[top], x, value);
                    if (meet > start[top]) {
                        break;
                    }
                    top--;
                    meet = Double.NEGATIVE_INFINITY;
                }
                top++;
                site[top] = x;
                height[top] = value;
                start[top] = meet;
            }
            fill(width, nearest, base, source, site, start, top);
        }
    }

    private static void fill(
            int width, int[] nearest, int base, int[] source, int[] site, double[] start, int top) {
        if (top < 0) {
            Arrays.fill(nearest, base, base + width, NONE);
            return;
        }
        int k = 0;
        for (int x = 0; x < width; x++) {
            while (k < top && start[k + 1] <= x) {
                k++;
            }
            nearest[base + x] = source[site[k]] * width + site[k];
        }
    }

    /** Where the parabola over b becomes lower than the one over a, for a left of b. */
    private static double meeting(long a, long heightA, long b, long heightB) {
        return (heightB + b * b - heightA - a * a) / (2.0 * (b - a));
    }

    /** The index of the feature nearest to pixel {@code index}, or {@link #NONE}. */
    public int at(int index) {
        return nearest[index];
    }

    /**
     * The squared distance of every pixel to its nearest feature, px; {@code Integer.MAX_VALUE}
     * without one. A new array.
     */
    public int[] squaredDistances() {
        int[] squared = new int[nearest.length];
        int height = nearest.length / width;
        IntStream.range(0, height)
                .parallel()
                .forEach(
                        y -> {
                            for (int x = 0; x < width; x++) {
                                int i = y * width + x;
                                int other = nearest[i];
                                if (other == NONE) {
                                    squared[i] = Integer.MAX_VALUE;
                                    continue;
                                }
                                int row = other / width;
                                int dx = other - row * width - x;
                                int dy = row - y;
                                squared[i] = dx * dx + dy * dy;
                            }
                        });
        return squared;
    }
}
