package neattrace.sheet.speck;

import java.util.BitSet;
import neattrace.raster.RunLabels;

/**
 * Where the drawing is beyond doubt, on a grid as coarse as its lines. Dots lie near it; dust does
 * anywhere.
 */
final class DrawnGrid implements Surroundings {

    /** So many lines' widths from the drawing are near, and so many far. */
    private static final double NEAR = 4;

    private static final double FAR = 12;

    private static final double FOR_NEAR = 0.5;
    private static final double FOR_FAR = -0.7;

    private static final int MOST_CELLS = 14;

    private final double cell;
    private final int columns;
    private final int rows;
    private final BitSet drawn;

    /**
     * A grid.
     *
     * @param large how many pixels a piece beyond doubt has at least
     * @param penPx how wide lines are, 1 or more
     */
    DrawnGrid(RunLabels ink, int width, int height, double large, double penPx) {
        this.cell = penPx;
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

    @Override
    public double score(SmallPieces pieces, int k) {
        double away = distance(pieces.x[k], pieces.y[k]) / cell;
        return away < NEAR ? FOR_NEAR : away > FAR ? FOR_FAR : 0;
    }

    private boolean is(int column, int row) {
        return column >= 0
                && row >= 0
                && column < columns
                && row < rows
                && drawn.get(row * columns + column);
    }
}
