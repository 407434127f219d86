package neattrace.trace.contour;

import java.util.Arrays;
import java.util.stream.IntStream;
import neattrace.raster.GaussianKernel;
import neattrace.stage.Progress;

/**
 * Finds the contour that a picture of pure black and white most likely shows. Time is linear in the
 * contour's length.
 */
public final class CorridorSmoother {

    /** Shorter loops hold too little to be smoothed. */
    private static final int LEAST = 8;

    /** How far a closed contour is followed beyond its seam on each side, vertices. */
    private static final int OVERLAP = 24;

    /**
     * Longer contours are settled in stretches of at least so many vertices: what happens at one
     * place has long died away at another, and a single narrow place would hold up all the rest.
     */
    private static final int STRETCH = 4096;

    /** How far a stretch is followed beyond its ends, vertices; what is there is not used. */
    private static final int STRETCH_OVERLAP = 96;

    /** The Gaussian that gives the first directions; its width is 2 vertices. */
    private static final double[] FIRST_KERNEL = GaussianKernel.of(2, 6);

    private static final int ROUNDS = 6;

    private CorridorSmoother() {}

    /**
     * Smooths.
     *
     * @param middles x and y in px of the middle of every pixel side between ink and paper, in
     *     order round one contour, the first not repeated: one of x and y is whole
     * @param width of the sheet, px; along its border the edge is known
     * @param height of the sheet, px
     * @return as many vertices, each at most half a pixel from its pixel side
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static double[] smooth(double[] middles, int width, int height, Progress progress) {
        int n = middles.length / 2;
        if (n < LEAST) {
            return middles.clone();
        }
        int stretches = Math.max(1, n / STRETCH);
        double[] xy = new double[2 * n];
        IntStream.range(0, stretches)
                .parallel()
                .forEach(
                        k -> {
                            progress.report("Smoothing the pixels' stairs", 0);
                            int from = (int) ((long) n * k / stretches);
                            int to = (int) ((long) n * (k + 1) / stretches);
                            smooth(middles, from, to, width, height, xy);
                        });
        return xy;
    }

    private static void smooth(
            double[] middles, int from, int to, int width, int height, double[] xy) {
        int n = middles.length / 2;
        boolean whole = to - from == n;
        int lap = whole ? Math.min(OVERLAP, n) : STRETCH_OVERLAP;
        double[] mx = unrolled(middles, 0, from - lap, to + lap);
        double[] my = unrolled(middles, 1, from - lap, to + lap);
        double[] x = blurred(mx);
        double[] y = blurred(my);
        for (int round = 0; round < ROUNDS; round++) {
            new Corridor(mx, my, x, y, width, height).settle(round > 0);
            if (whole) {
                close(x, lap);
                close(y, lap);
            }
        }
        for (int k = from; k < to; k++) {
            xy[2 * k] = x[k - from + lap];
            xy[2 * k + 1] = y[k - from + lap];
        }
    }

    /** A stretch of the loop, which may begin before its start and end after its end. */
    private static double[] unrolled(double[] xy, int axis, int from, int to) {
        int n = xy.length / 2;
        double[] out = new double[to - from];
        Arrays.setAll(out, k -> xy[2 * Math.floorMod(from + k, n) + axis]);
        return out;
    }

    /** What lies beyond the seam has seen only one side; it is taken from the loop's other end. */
    private static void close(double[] v, int lap) {
        int n = v.length - 2 * lap;
        for (int k = 0; k < lap; k++) {
            v[k] = v[lap + Math.floorMod(k - lap, n)];
            v[lap + n + k] = v[lap + k % n];
        }
    }

    private static double[] blurred(double[] v) {
        double[] kernel = FIRST_KERNEL;
        int reach = kernel.length / 2;
        double[] out = new double[v.length];
        for (int i = 0; i < v.length; i++) {
            double sum = 0;
            for (int k = -reach; k <= reach; k++) {
                sum += kernel[k + reach] * v[Math.max(0, Math.min(v.length - 1, i + k))];
            }
            out[i] = sum;
        }
        return out;
    }
}
