package neattrace.trace.contour;

/**
 * A symmetric positive definite matrix whose entries lie within three places of its diagonal. What
 * is solved is the matrix with more on its diagonal; the matrix itself stays. By square-root-free
 * Cholesky decomposition (G. H. Golub and C. F. Van Loan, "Matrix Computations", 4.3), in time
 * linear in the unknowns.
 */
final class BandSystem {

    /** How far from the diagonal there are entries. */
    static final int REACH = 3;

    private static final int STRIDE = REACH + 1;

    private final int n;

    /** Row i holds the entries (i, i), (i, i - 1), (i, i - 2) and (i, i - 3). */
    private final double[] rows;

    /** Row i of the triangle likewise, with one over the pivot in place of the one. */
    private final double[] triangle;

    BandSystem(int n) {
        this.n = n;
        this.rows = new double[n * STRIDE];
        this.triangle = new double[n * STRIDE];
    }

    /** Adds to the entry (i, j), and to (j, i); j is at most i and at least i - 3. */
    void add(int i, int j, double value) {
        rows[i * STRIDE + i - j] += value;
    }

    /** The matrix times a vector. */
    void times(double[] v, double[] product) {
        for (int i = 0; i < n; i++) {
            double sum = rows[i * STRIDE] * v[i];
            for (int k = 1; k <= REACH; k++) {
                sum += i >= k ? rows[i * STRIDE + k] * v[i - k] : 0;
                sum += i + k < n ? rows[(i + k) * STRIDE + k] * v[i + k] : 0;
            }
            product[i] = sum;
        }
    }

    /**
     * Solves in place.
     *
     * @param diagonal what is added to the diagonal, above zero
     * @param x right side in, unknowns out
     */
    void solve(double[] diagonal, double[] x) {
        decompose(diagonal);
        double[] t = triangle;
        for (int i = 0, at = 0; i < n; i++, at += STRIDE) {
            double sum = x[i];
            for (int k = 1; k <= Math.min(i, REACH); k++) {
                sum -= t[at + k] * x[i - k];
            }
            x[i] = sum;
        }
        for (int i = n - 1, at = i * STRIDE; i >= 0; i--, at -= STRIDE) {
            double sum = x[i] * t[at];
            for (int k = 1; k <= Math.min(n - 1 - i, REACH); k++) {
                sum -= t[at + k * STRIDE + k] * x[i + k];
            }
            x[i] = sum;
        }
    }

    private void decompose(double[] diagonal) {
        double[] t = triangle;
        for (int i = 0, at = 0; i < n; i++, at += STRIDE) {
            double third = i >= 3 ? rows[at + 3] : 0;
            double second = i >= 2 ? rows[at + 2] : 0;
            double first = i >= 1 ? rows[at + 1] : 0;
            double pivot = rows[at] + diagonal[i];
            if (i >= 3) {
                t[at + 3] = third * t[at - 3 * STRIDE];
                second -= third * t[at - 2 * STRIDE + 1];
                first -= third * t[at - STRIDE + 2];
                pivot -= third * t[at + 3];
            }
            if (i >= 2) {
                t[at + 2] = second * t[at - 2 * STRIDE];
                first -= second * t[at - STRIDE + 1];
                pivot -= second * t[at + 2];
            }
            if (i >= 1) {
                t[at + 1] = first * t[at - STRIDE];
                pivot -= first * t[at + 1];
            }
            t[at] = 1 / pivot;
        }
    }
}
