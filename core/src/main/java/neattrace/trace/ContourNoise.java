package neattrace.trace;

import java.util.Arrays;
import java.util.List;
import neattrace.trace.contour.Contour;

/**
 * How much the vertices of contours jitter across them. Curves that kept closer than that would
 * follow the grain of the paper.
 */
final class ContourNoise {

    private static final int MOST_SAMPLES = 20_000;

    /**
     * The median of the distance of a vertex from the middle of its neighbours, for independent
     * jitter of standard deviation 1: 0.6745 times the square root of 1.5.
     */
    private static final double MEDIAN = 0.826;

    private ContourNoise() {}

    /** Standard deviation of the jitter, px; 0 without contours. */
    static double of(List<Contour> contours) {
        long vertices = contours.stream().mapToLong(contour -> contour.xy().length / 2).sum();
        int stride = (int) Math.max(1, vertices / MOST_SAMPLES);
        double[] off = new double[(int) (vertices / stride) + contours.size()];
        int count = 0;
        for (Contour contour : contours) {
            double[] xy = contour.xy();
            int n = xy.length;
            for (int i = 0; i < n; i += 2 * stride) {
                int before = (i + n - 2) % n;
                int after = (i + 2) % n;
                double cx = xy[after] - xy[before];
                double cy = xy[after + 1] - xy[before + 1];
                double length = Math.sqrt(cx * cx + cy * cy);
                double across = (xy[i] - xy[before]) * cy - (xy[i + 1] - xy[before + 1]) * cx;
                off[count++] = length == 0 ? 0 : Math.abs(across) / length;
            }
        }
        Arrays.sort(off, 0, count);
        return count == 0 ? 0 : off[count / 2] / MEDIAN;
    }
}
