package neattrace.sheet.light;

/**
 * Penalised least squares on a grid: minimises the sum of w (z - f)^2 plus a penalty on second
 * differences along rows and columns, by conjugate gradients (M. Hestenes and E. Stiefel, 1952).
 */
final class Surface {

    private static final double STIFFNESS = 0.02;
    private static final int MOST_ROUNDS = 600;
    private static final double GOOD_ENOUGH = 1e-4;

    private final int columns;
    private final int rows;
    private final double[] weight;

    Surface(int columns, int rows, double[] weight) {
        this.columns = columns;
        this.rows = rows;
        this.weight = weight;
    }

    /** The surface nearest to {@code values}, which also is where the search starts. */
    double[] solve(double[] values) {
        int n = values.length;
        double[] f = values.clone();
        double[] residual = new double[n];
        double[] applied = apply(f);
        for (int i = 0; i < n; i++) {
            residual[i] = weight[i] * values[i] - applied[i];
        }
        double[] direction = residual.clone();
        double square = dot(residual, residual);
        double enough = GOOD_ENOUGH * GOOD_ENOUGH * n;
        for (int round = 0; round < MOST_ROUNDS && square > enough; round++) {
            applied = apply(direction);
            double along = dot(direction, applied);
            if (along <= 0) {
                break;
            }
            double step = square / along;
            for (int i = 0; i < n; i++) {
                f[i] += step * direction[i];
                residual[i] -= step * applied[i];
            }
            double next = dot(residual, residual);
            double share = next / square;
            for (int i = 0; i < n; i++) {
                direction[i] = residual[i] + share * direction[i];
            }
            square = next;
        }
        return f;
    }

    private double[] apply(double[] f) {
        double[] out = new double[f.length];
        for (int i = 0; i < f.length; i++) {
            out[i] = weight[i] * f[i];
        }
        for (int r = 0; r < rows; r++) {
            for (int c = 1; c + 1 < columns; c++) {
                bend(f, out, r * columns + c, 1);
            }
        }
        for (int r = 1; r + 1 < rows; r++) {
            for (int c = 0; c < columns; c++) {
                bend(f, out, r * columns + c, columns);
            }
        }
        return out;
    }

    private static void bend(double[] f, double[] out, int i, int step) {
        double second = STIFFNESS * (f[i - step] - 2 * f[i] + f[i + step]);
        out[i - step] += second;
        out[i] -= 2 * second;
        out[i + step] += second;
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }
}
