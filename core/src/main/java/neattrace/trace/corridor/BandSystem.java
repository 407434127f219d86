package neattrace.trace.corridor;

import java.util.Arrays;

/**
 * A symmetric positive definite system of equations whose matrix has entries only near its
 * diagonal, solved by Cholesky's method in time linear in the unknowns.
 */
final class BandSystem {

    private final int n;
    private final int reach;

    /** Row i holds the entries (i, i), (i, i - 1) ... (i, i - reach). */
    private final double[] lower;

    BandSystem(int n, int reach) {
        this.n = n;
        this.reach = reach;
        this.lower = new double[n * (reach + 1)];
    }

    void clear() {
        Arrays.fill(lower, 0);
    }

    /** Adds to the entry (i, j), and to (j, i); j is at most i and at least i - reach. */
    void add(int i, int j, double value) {
        lower[i * (reach + 1) + i - j] += value;
    }

    /** Solves in place: right side in, unknowns out. The matrix is used up. */
    void solve(double[] x) {
        int stride = reach + 1;
        for (int i = 0; i < n; i++) {
            int first = Math.max(0, i - reach);
            for (int j = first; j <= i; j++) {
                double sum = lower[i * stride + i - j];
                for (int k = Math.max(first, j - reach); k < j; k++) {
                    sum -= lower[i * stride + i - k] * lower[j * stride + j - k];
                }
                lower[i * stride + i - j] = j == i ? Math.sqrt(sum) : sum / lower[j * stride];
            }
        }
        for (int i = 0; i < n; i++) {
            double sum = x[i];
            for (int k = Math.max(0, i - reach); k < i; k++) {
                sum -= lower[i * stride + i - k] * x[k];
            }
            x[i] = sum / lower[i * stride];
        }
        for (int i = n - 1; i >= 0; i--) {
            double sum = x[i];
            for (int k = i + 1; k <= Math.min(n - 1, i + reach); k++) {
                sum -= lower[k * stride + k - i] * x[k];
            }
            x[i] = sum / lower[i * stride];
        }
    }
}
