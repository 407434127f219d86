package neattrace.trace.centre;

/**
 * Values made smooth: those that are known are kept near, those that are not are filled in so that
 * the third difference, the change of curvature, is as small as may be (E. Whittaker, "On a new
 * method of graduation", Proceedings of the Edinburgh Mathematical Society 41, 1923; P. Eilers, "A
 * perfect smoother", Analytical Chemistry 75, 2003).
 */
final class Whittaker {

    private static final int ORDER = 3;

    private static final double[] DIFFERENCE = {-1, 3, -3, 1};

    private Whittaker() {}

    /**
     * The smooth values. Time is linear in their number.
     *
     * @param values of samples at even steps
     * @param weights how far each is trusted; 0 for those that are not known, at least three of
     *     them above 0
     * @param stiffness how much change of curvature weighs
     */
    static double[] smooth(double[] values, double[] weights, double stiffness) {
        int n = values.length;
        if (n <= ORDER) {
            return values.clone();
        }
        // Rows of the upper triangle: the diagonal and three beside it.
        double[][] band = new double[n][ORDER + 1];
        double[] right = new double[n];
        for (int i = 0; i < n; i++) {
            band[i][0] = weights[i];
            right[i] = weights[i] * values[i];
        }
        for (int i = 0; i + ORDER < n; i++) {
            for (int a = 0; a <= ORDER; a++) {
                for (int b = a; b <= ORDER; b++) {
                    band[i + a][b - a] += stiffness * DIFFERENCE[a] * DIFFERENCE[b];
                }
            }
        }
        solve(band, right);
        return right;
    }

    /** Gauss without pivots: the matrix is symmetric and positive. */
    private static void solve(double[][] band, double[] right) {
        int n = right.length;
        for (int i = 0; i < n; i++) {
            for (int k = 1; k <= ORDER && i + k < n; k++) {
                double factor = band[i][k] / band[i][0];
                for (int j = k; j <= ORDER && i + j < n; j++) {
                    band[i + k][j - k] -= factor * band[i][j];
                }
                right[i + k] -= factor * right[i];
            }
        }
        for (int i = n - 1; i >= 0; i--) {
            double sum = right[i];
            for (int k = 1; k <= ORDER && i + k < n; k++) {
                sum -= band[i][k] * right[i + k];
            }
            right[i] = sum / band[i][0];
        }
    }
}
