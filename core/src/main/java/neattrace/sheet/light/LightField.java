package neattrace.sheet.light;

import java.util.Arrays;

/**
 * The brightness of bare paper all over a sheet, on a coarse grid of tiles. Places are shares of
 * the sheet's width and height, so a field measured on a reduced copy serves the full sheet too.
 */
public final class LightField {

    /** Below this relative spread the sheet is even already. */
    private static final double EVEN_ENOUGH = 0.02;

    /** No paper is darker than this, of 255. */
    private static final float LEAST = 6;

    private final int columns;
    private final int rows;

    /** Tile values with a margin of two, continued straight, on every side. */
    private final float[] padded;

    private final boolean even;

    LightField(double[] values, int columns, int rows) {
        this.columns = columns;
        this.rows = rows;
        double max = Arrays.stream(values).max().orElse(0);
        double min = Arrays.stream(values).min().orElse(0);
        this.even = max <= 0 || (max - min) / max < EVEN_ENOUGH;
        this.padded = padded(values, columns, rows);
    }

    /** A field that is the same everywhere: nothing to even. */
    public static LightField flat() {
        return new LightField(new double[] {255}, 1, 1);
    }

    private static float[] padded(double[] values, int columns, int rows) {
        int wide = columns + 4;
        float[] out = new float[wide * (rows + 4)];
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                out[(r + 2) * wide + c + 2] = (float) values[r * columns + c];
            }
            int base = (r + 2) * wide;
            extend(out, base + 2, 1, columns);
        }
        for (int c = 0; c < wide; c++) {
            extend(out, 2 * wide + c, wide, rows);
        }
        return out;
    }

    /** Two values before and two after a stretch, in a straight line. */
    private static void extend(float[] values, int first, int step, int count) {
        int last = first + (count - 1) * step;
        float before = count > 1 ? values[first] - values[first + step] : 0;
        float after = count > 1 ? values[last] - values[last - step] : 0;
        for (int k = 1; k <= 2; k++) {
            values[first - k * step] = values[first] + k * before;
            values[last + k * step] = values[last] + k * after;
        }
    }

    /** Whether the light is so even that dividing by it changes nothing that matters. */
    public boolean isEven() {
        return even;
    }

    /** The paper's brightness at a place, 0 to 255; both coordinates are shares of the sheet. */
    public double at(double across, double down) {
        float[] one = new float[1];
        new Row(new double[] {across}).fill(down, one);
        return one[0];
    }

    /** The darkest paper in relation to the brightest, 0 to 1. */
    public double darkest() {
        float max = 0;
        float min = Float.MAX_VALUE;
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                max = Math.max(max, tile(c, r));
                min = Math.min(min, tile(c, r));
            }
        }
        return max <= 0 ? 1 : min / max;
    }

    /** Which part of the sheet is darker than a share of its brightest paper, 0 to 1. */
    public double partDarkerThan(double share) {
        float max = 0;
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                max = Math.max(max, tile(c, r));
            }
        }
        int darker = 0;
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                darker += tile(c, r) < share * max ? 1 : 0;
            }
        }
        return (double) darker / rows / columns;
    }

    private float tile(int column, int row) {
        return padded[(row + 2) * (columns + 4) + column + 2];
    }

    /** For rows of so many pixels that reach from one share of the sheet's width to another. */
    Row row(int width, double left, double right) {
        double[] across = new double[width];
        for (int x = 0; x < width; x++) {
            across[x] = left + (right - left) * (x + 0.5) / width;
        }
        return new Row(across);
    }

    /** Reads the field along rows, by bicubic convolution; safe for several threads at once. */
    final class Row {

        private final int[] column;
        private final float[] weights;

        private Row(double[] across) {
            column = new int[across.length];
            weights = new float[4 * across.length];
            for (int k = 0; k < across.length; k++) {
                double u = clamp(across[k] * columns - 0.5, columns);
                column[k] = (int) Math.floor(u);
                keys(u - column[k], weights, 4 * k);
            }
        }

        private static double clamp(double place, int count) {
            return Math.max(-0.999, Math.min(count - 0.001, place));
        }

        /** The paper's brightness along a row. */
        void fill(double down, float[] paper) {
            double v = clamp(down * rows - 0.5, rows);
            int r = (int) Math.floor(v);
            float[] w = new float[4];
            keys(v - r, w, 0);
            int wide = columns + 4;
            float[] line = new float[wide];
            for (int j = 0; j < 4; j++) {
                int base = (r + 1 + j) * wide;
                for (int c = 0; c < wide; c++) {
                    line[c] += w[j] * padded[base + c];
                }
            }
            for (int k = 0; k < paper.length; k++) {
                int c = column[k] + 1;
                float value = 0;
                for (int j = 0; j < 4; j++) {
                    value += weights[4 * k + j] * line[c + j];
                }
                paper[k] = Math.max(LEAST, value);
            }
        }

        /** What makes the paper along a row white, at each of its pixels. */
        float[] gains(double down) {
            float[] gains = new float[column.length];
            fill(down, gains);
            for (int k = 0; k < gains.length; k++) {
                gains[k] = 255 / gains[k];
            }
            return gains;
        }

        private static void keys(double t, float[] out, int at) {
            out[at] = (float) (((-0.5 * t + 1) * t - 0.5) * t);
            out[at + 1] = (float) ((1.5 * t - 2.5) * t * t + 1);
            out[at + 2] = (float) (((-1.5 * t + 2) * t + 0.5) * t);
            out[at + 3] = (float) ((0.5 * t - 0.5) * t * t);
        }
    }
}
