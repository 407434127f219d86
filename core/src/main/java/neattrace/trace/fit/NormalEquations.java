package neattrace.trace.fit;

import java.util.Arrays;

/** A small symmetric system of equations, summed up and solved again and again. Not thread-safe. */
final class NormalEquations {

    private final double[][] normal;
    private final double[] right;
    private final double[][] factor;
    private final double[] step;

    NormalEquations(int most) {
        this.normal = new double[most][most];
        this.right = new double[most];
        this.factor = new double[most][most];
        this.step = new double[most];
    }

    void clear(int count) {
        for (int i = 0; i < count; i++) {
            Arrays.fill(normal[i], 0, i + 1, 0);
            right[i] = 0;
        }
    }

    /** Adds to a right side. */
    void add(int i, double value) {
        right[i] += value;
    }

    /** The left side of an equation, up to its own unknown, to be added to. */
    double[] row(int i) {
        return normal[i];
    }

    /** What was solved for. */
    double step(int i) {
        return step[i];
    }

    /** Cholesky's method on the damped equations; false if they are not positive definite. */
    boolean solve(int count, double damping) {
        for (int i = 0; i < count; i++) {
            for (int j = 0; j <= i; j++) {
                double sum = normal[i][j];
                if (i == j) {
                    sum += damping * sum + 1e-7;
                }
                for (int k = 0; k < j; k++) {
                    sum -= factor[i][k] * factor[j][k];
                }
                if (i == j) {
                    if (!(sum > 0)) {
                        return false;
                    }
                    factor[i][i] = Math.sqrt(sum);
                } else {
                    factor[i][j] = sum / factor[j][j];
                }
            }
        }
        for (int i = 0; i < count; i++) {
            double sum = right[i];
            for (int k = 0; k < i; k++) {
                sum -= factor[i][k] * step[k];
            }
            step[i] = sum / factor[i][i];
        }
        for (int i = count - 1; i >= 0; i--) {
            double sum = step[i];
            for (int k = i + 1; k < count; k++) {
                sum -= factor[k][i] * step[k];
            }
            step[i] = sum / factor[i][i];
        }
        return true;
    }
}
