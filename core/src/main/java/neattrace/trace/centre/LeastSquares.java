package neattrace.trace.centre;

/**
 * Linear least squares of a few unknowns: equations are added one by one, the normal equations
 * solved by elimination.
 */
final class LeastSquares {

    /** Pivots that are smaller tell unknowns no longer apart. */
    private static final double SINGULAR = 1e-9;

    private final int unknowns;
    private final double[][] a;

    /** No equation yet. */
    LeastSquares(int unknowns) {
        this.unknowns = unknowns;
        this.a = new double[unknowns][unknowns + 1];
    }

    /**
     * Adds an equation.
     *
     * @param value what the sum of unknowns times factors should be
     * @param factors of the unknowns; more than there are unknowns are not looked at
     */
    void add(double value, double... factors) {
        for (int i = 0; i < unknowns; i++) {
            for (int j = 0; j < unknowns; j++) {
                a[i][j] += factors[i] * factors[j];
            }
            a[i][unknowns] += factors[i] * value;
        }
    }

    /** The unknowns; null if the equations do not tell them apart. Can be asked once. */
    double[] solve() {
        for (int i = 0; i < unknowns; i++) {
            if (!(Math.abs(a[i][i]) > SINGULAR)) {
                return null;
            }
            for (int r = i + 1; r < unknowns; r++) {
                double factor = a[r][i] / a[i][i];
                for (int j = i; j <= unknowns; j++) {
                    a[r][j] -= factor * a[i][j];
                }
            }
        }
        double[] found = new double[unknowns];
        for (int i = unknowns - 1; i >= 0; i--) {
            double sum = a[i][unknowns];
            for (int j = i + 1; j < unknowns; j++) {
                sum -= a[i][j] * found[j];
            }
            found[i] = sum / a[i][i];
        }
        return found;
    }
}
