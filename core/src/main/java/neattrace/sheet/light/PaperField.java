package neattrace.sheet.light;

import java.util.Arrays;

/** The brightness of the paper on a coarse grid. */
final class PaperField {

    private final double[] value;
    private final int columns;
    private final int rows;

    private PaperField(double[] value, int columns, int rows) {
        this.value = value;
        this.columns = columns;
        this.rows = rows;
    }

    /** From raw tile values; those below {@code least} are ink and are filled from around. */
    static PaperField of(double[] raw, int columns, int rows, double least) {
        double[] filled = raw.clone();
        boolean[] known = new boolean[raw.length];
        for (int i = 0; i < raw.length; i++) {
            known[i] = raw[i] >= least;
        }
        while (!allTrue(known)) {
            grow(filled, known, columns, rows);
        }
        return new PaperField(smooth(filled, columns, rows), columns, rows);
    }

    private static boolean allTrue(boolean[] flags) {
        for (boolean flag : flags) {
            if (!flag) {
                return false;
            }
        }
        return true;
    }

    private static void grow(double[] filled, boolean[] known, int columns, int rows) {
        boolean[] before = known.clone();
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                int i = r * columns + c;
                if (before[i]) {
                    continue;
                }
                double sum = 0;
                int count = 0;
                for (int rr = Math.max(0, r - 1); rr <= Math.min(rows - 1, r + 1); rr++) {
                    for (int cc = Math.max(0, c - 1); cc <= Math.min(columns - 1, c + 1); cc++) {
                        if (before[rr * columns + cc]) {
                            sum += filled[rr * columns + cc];
                            count++;
                        }
                    }
                }
                if (count > 0) {
                    filled[i] = sum / count;
                    known[i] = true;
                }
            }
        }
    }

    /** A 3 x 3 median against odd tiles, then a 3 x 3 mean. */
    private static double[] smooth(double[] field, int columns, int rows) {
        return filter(filter(field, columns, rows, true), columns, rows, false);
    }

    private static double[] filter(double[] field, int columns, int rows, boolean median) {
        double[] out = new double[field.length];
        double[] window = new double[9];
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                int n = 0;
                for (int rr = Math.max(0, r - 1); rr <= Math.min(rows - 1, r + 1); rr++) {
                    for (int cc = Math.max(0, c - 1); cc <= Math.min(columns - 1, c + 1); cc++) {
                        window[n++] = field[rr * columns + cc];
                    }
                }
                Arrays.sort(window, 0, n);
                out[r * columns + c] =
                        median ? window[n / 2] : Arrays.stream(window, 0, n).average().orElse(0);
            }
        }
        return out;
    }

    /** (largest - smallest) / largest. */
    double spread() {
        double max = Arrays.stream(value).max().orElse(0);
        double min = Arrays.stream(value).min().orElse(0);
        return max == 0 ? 0 : (max - min) / max;
    }

    /** The value at a place counted in tiles, bilinear between tile centres, at least 1. */
    double at(double u, double v) {
        double uu = Math.max(0, Math.min(columns - 1.0, u));
        double vv = Math.max(0, Math.min(rows - 1.0, v));
        int c = Math.min((int) uu, Math.max(0, columns - 2));
        int r = Math.min((int) vv, Math.max(0, rows - 2));
        int c1 = Math.min(columns - 1, c + 1);
        int r1 = Math.min(rows - 1, r + 1);
        double fu = uu - c;
        double fv = vv - r;
        double top = value[r * columns + c] * (1 - fu) + value[r * columns + c1] * fu;
        double bottom = value[r1 * columns + c] * (1 - fu) + value[r1 * columns + c1] * fu;
        return Math.max(1, top * (1 - fv) + bottom * fv);
    }
}
