package neattrace.sheet.speck;

import neattrace.array.IntList;

/** Places sorted into square cells, so that those near one are found without looking at all. */
final class NearGrid {

    /** So many cells a place at most; finer ones would stand empty. */
    private static final int CELLS_EACH = 4;

    private final double[] xs;
    private final double[] ys;
    private final double cell;
    private final double left;
    private final double top;
    private final int columns;
    private final int rows;

    /** The places by cell; those of one go from its start to that of the next. */
    private final int[] sorted;

    private final int[] starts;

    /**
     * A grid.
     *
     * @param least how wide a cell is at least
     */
    NearGrid(double[] xs, double[] ys, double least) {
        this.xs = xs;
        this.ys = ys;
        double minX = Double.MAX_VALUE;
        double minY = Double.MAX_VALUE;
        double maxX = -Double.MAX_VALUE;
        double maxY = -Double.MAX_VALUE;
        for (int i = 0; i < xs.length; i++) {
            minX = Math.min(minX, xs[i]);
            minY = Math.min(minY, ys[i]);
            maxX = Math.max(maxX, xs[i]);
            maxY = Math.max(maxY, ys[i]);
        }
        double wide = xs.length == 0 ? 0 : maxX - minX;
        double high = xs.length == 0 ? 0 : maxY - minY;
        double most = (double) CELLS_EACH * xs.length + 1;
        double wanted = Math.max(least, Math.max(wide, high) / most);
        this.cell = Math.max(wanted, Math.sqrt(wide * high / most));
        this.left = minX;
        this.top = minY;
        this.columns = (int) (wide / cell) + 1;
        this.rows = (int) (high / cell) + 1;
        this.starts = new int[columns * rows + 1];
        this.sorted = new int[xs.length];
        sort();
    }

    private void sort() {
        for (int i = 0; i < xs.length; i++) {
            starts[row(i) * columns + column(i) + 1]++;
        }
        for (int c = 1; c < starts.length; c++) {
            starts[c] += starts[c - 1];
        }
        int[] next = starts.clone();
        for (int i = 0; i < xs.length; i++) {
            sorted[next[row(i) * columns + column(i)]++] = i;
        }
    }

    private int column(int i) {
        return (int) ((xs[i] - left) / cell);
    }

    private int row(int i) {
        return (int) ((ys[i] - top) / cell);
    }

    /**
     * All others in its cell and in those around it: those no farther away than the cell that was
     * asked for is wide, and some that are.
     */
    IntList around(int i) {
        IntList around = new IntList();
        int column = column(i);
        int row = row(i);
        for (int r = Math.max(0, row - 1); r <= Math.min(rows - 1, row + 1); r++) {
            int from = starts[r * columns + Math.max(0, column - 1)];
            int to = starts[r * columns + Math.min(columns - 1, column + 1) + 1];
            for (int k = from; k < to; k++) {
                if (sorted[k] != i) {
                    around.add(sorted[k]);
                }
            }
        }
        return around;
    }

    /** How far two places are from each other. */
    double distance(int i, int j) {
        return Math.hypot(xs[j] - xs[i], ys[j] - ys[i]);
    }
}
