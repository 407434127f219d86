package neattrace.sheet.review;

import neattrace.sheet.light.LightField;

/** Where the light on a sheet has a dent: a stain, a shadow, a stamp. */
final class LightDents {

    /** So much darker than the straight continuation of the light round it is a dent. */
    private static final double DENT = 0.05;

    /** How far round a cell the light is compared, mm. */
    private static final double[] DENT_REACH_MM = {12, 22};

    private LightDents() {}

    /** Cells where the light is darker than what lies round them on a straight line suggests. */
    static FlagGrid find(LightField light, int columns, int rows, double cellMm) {
        FlagGrid cells = new FlagGrid(columns, rows);
        if (light.isEven()) {
            return cells;
        }
        double[] field = new double[columns * rows];
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                field[r * columns + c] = light.at((c + 0.5) / columns, (r + 0.5) / rows);
            }
        }
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                for (double reachMm : DENT_REACH_MM) {
                    int reach = (int) Math.max(2, Math.round(reachMm / cellMm));
                    if (dent(field, c, r, columns, rows, reach) > DENT) {
                        cells.set(c, r);
                    }
                }
            }
        }
        return cells;
    }

    private static double dent(double[] field, int c, int r, int columns, int rows, int reach) {
        double here = field[r * columns + c];
        double across = expected(field, r * columns, 1, c, columns, reach);
        double down = expected(field, c, columns, r, rows, reach);
        return Math.max(1 - here / across, 1 - here / down);
    }

    /** The straight continuation from both sides, or from the one side there is. */
    private static double expected(
            double[] field, int base, int step, int at, int count, int reach) {
        int low = at - reach;
        int high = at + reach;
        if (low >= 0 && high < count) {
            return (field[base + low * step] + field[base + high * step]) / 2;
        }
        if (high + reach < count) {
            return 2 * field[base + high * step] - field[base + (high + reach) * step];
        }
        if (low - reach >= 0) {
            return 2 * field[base + low * step] - field[base + (low - reach) * step];
        }
        return field[base + at * step];
    }
}
