package neattrace.trace.fit;

/** Gaussian elimination with partial pivoting for a handful of unknowns. */
final class LinearSystem {

    private LinearSystem() {}

    /** Solves the n x (n + 1) augmented matrix, which is overwritten; singular parts give zero. */
    static double[] solve(double[][] a) {
        int n = a.length;
        for (int column = 0; column < n; column++) {
            int pivot = column;
            for (int row = column + 1; row < n; row++) {
                if (Math.abs(a[row][column]) > Math.abs(a[pivot][column])) {
                    pivot = row;
                }
            }
            double[] swap = a[column];
            a[column] = a[pivot];
            a[pivot] = swap;
            if (a[column][column] == 0) {
                continue;
            }
            for (int row = column + 1; row < n; row++) {
                double factor = a[row][column] / a[column][column];
                for (int k = column; k <= n; k++) {
                    a[row][k] -= factor * a[column][k];
                }
            }
        }
        double[] x = new double[n];
        for (int row = n - 1; row >= 0; row--) {
            double sum = a[row][n];
            for (int k = row + 1; k < n; k++) {
                sum -= a[row][k] * x[k];
            }
            x[row] = a[row][row] == 0 ? 0 : sum / a[row][row];
        }
        return x;
    }
}
