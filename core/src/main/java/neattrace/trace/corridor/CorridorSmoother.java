package neattrace.trace.corridor;

import java.util.Arrays;
import neattrace.raster.blur.GaussianKernel;

/**
 * Finds the contour that a picture of pure black and white most likely shows. Time is linear in the
 * contour's length.
 */
public final class CorridorSmoother {

    /** Shorter loops hold too little to be smoothed. */
    private static final int LEAST = 8;

    /** How far a closed contour is followed beyond its seam on each side, vertices. */
    private static final int OVERLAP = 24;

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
     */
    public static double[] smooth(double[] middles, int width, int height) {
        int n = middles.length / 2;
        if (n < LEAST) {
            return middles.clone();
        }
        int lap = Math.min(OVERLAP, n);
        double[] mx = unrolled(middles, 0, lap);
        double[] my = unrolled(middles, 1, lap);
        double[] x = blurred(mx);
        double[] y = blurred(my);
        for (int round = 0; round < ROUNDS; round++) {
            new Corridor(mx, my, x, y, width, height).settle(round > 0);
            close(x, lap);
            close(y, lap);
        }
        double[] xy = new double[2 * n];
        for (int k = 0; k < n; k++) {
            xy[2 * k] = x[k + lap];
            xy[2 * k + 1] = y[k + lap];
        }
        return xy;
    }

    /** The loop from a little before its start to a little after its end. */
    private static double[] unrolled(double[] xy, int axis, int lap) {
        int n = xy.length / 2;
        double[] out = new double[n + 2 * lap];
        Arrays.setAll(out, k -> xy[2 * Math.floorMod(k - lap, n) + axis]);
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
