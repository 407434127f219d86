package neattrace.trace.centre;

/** Running means over samples along a line; at open ends the window shrinks and ends stay. */
final class Smoothing {

    private Smoothing() {}

    /** The mean over {@code reach} samples to each side, {@code passes} times. A new array. */
    static double[] box(double[] values, int reach, int passes, boolean closed) {
        double[] now = values.clone();
        for (int pass = 0; pass < passes; pass++) {
            now = once(now, reach, closed);
        }
        return now;
    }

    private static double[] once(double[] values, int reach, boolean closed) {
        int n = values.length;
        double[] sums = new double[n + 1];
        for (int i = 0; i < n; i++) {
            sums[i + 1] = sums[i] + values[i];
        }
        double[] means = new double[n];
        for (int i = 0; i < n; i++) {
            if (closed) {
                int k = Math.min(reach, (n - 1) / 2);
                means[i] = wrapped(sums, i - k, i + k, n) / (2 * k + 1);
            } else {
                int k = Math.min(reach, Math.min(i, n - 1 - i));
                means[i] = (sums[i + k + 1] - sums[i - k]) / (2 * k + 1);
            }
        }
        return means;
    }

    private static double wrapped(double[] sums, int from, int to, int n) {
        if (from < 0) {
            return sums[to + 1] + sums[n] - sums[n + from];
        }
        if (to >= n) {
            return sums[n] - sums[from] + sums[to - n + 1];
        }
        return sums[to + 1] - sums[from];
    }
}
