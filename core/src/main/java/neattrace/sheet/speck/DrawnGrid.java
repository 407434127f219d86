package neattrace.sheet.speck;

import java.util.BitSet;
import neattrace.raster.label.RunLabels;

/** Where the drawing is beyond doubt, on a grid as coarse as its lines. */
final class DrawnGrid {

    private static final int MOST_CELLS = 14;

    private final double cell;
    private final int columns;
    private final int rows;
    private final BitSet drawn;

    /**
     * A grid.
     *
     * @param large how many pixels a piece beyond doubt has at least
     */
    DrawnGrid(RunLabels ink, int width, int height, double large, double cell) {
        this.cell = Math.max(1, cell);
        this.columns = (int) Math.ceil(width / this.cell);
        this.rows = (int) Math.ceil(height / this.cell);
        this.drawn = new BitSet(columns * rows);
        ink.forEachRun(
                (y, from, to, piece) -> {
                    if (ink.size(piece) >= large) {
                        int row = (int) (y / this.cell) * columns;
                        drawn.set(
                                row + (int) (from / this.cell),
                                row + (int) ((to - 1) / this.cell) + 1);
                    }
                });
    }

    /** How far the drawing is from a place, to a cell; no farther than is looked. */
    double distance(double x, double y) {
        int column = (int) (x / cell);
        int row = (int) (y / cell);
        double nearest = MOST_CELLS + 1;
        for (int reach = 0; reach <= MOST_CELLS && reach < nearest; reach++) {
            for (int k = -reach; k <= reach; k++) {
                boolean found =
                        is(column + k, row - reach)
                                || is(column + k, row + reach)
                                || is(column - reach, row + k)
                                || is(column + reach, row + k);
                if (found) {
                    nearest = Math.min(nearest, Math.hypot(reach, k));
                }
            }
        }
        return nearest * cell;
    }

    private boolean is(int column, int row) {
        return column >= 0
                && row >= 0
                && column < columns
                && row < rows
                && drawn.get(row * columns + column);
    }
}
