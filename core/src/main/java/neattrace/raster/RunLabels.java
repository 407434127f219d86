package neattrace.raster;

import java.util.Arrays;

/**
 * The connected components of a set of pixels, held as labelled runs. Labels count from 0 in the
 * order in which components first appear, row by row.
 */
public final class RunLabels {

    private final int width;
    private final int height;

    /** For each row the index of its first run; one entry more than rows. */
    private final int[] rowStart;

    private final int[] from;
    private final int[] to;
    private final int[] label;
    private final int count;
    private final long[] size;

    private RunLabels(
            int width, int height, int[] rowStart, int[] from, int[] to, int[] label, int count) {
        this.width = width;
        this.height = height;
        this.rowStart = rowStart;
        this.from = from;
        this.to = to;
        this.label = label;
        this.count = count;
        this.size = new long[count];
        for (int run = 0; run < label.length; run++) {
            size[label[run]] += to[run] - from[run];
        }
    }

    /**
     * Labels the pixels whose bits are set.
     *
     * @param bits bit {@code i % 64} of word {@code i / 64} is pixel {@code i}'s, row by row
     * @param diagonal true if pixels that touch only at a corner belong together (8-connected), the
     *     usual choice for ink; false for paper (4-connected)
     */
    public static RunLabels of(int width, int height, long[] bits, boolean diagonal) {
        return of(InkRuns.bands(width, height, bits), width, height, diagonal);
    }

    /**
     * Labels the ink of a map, or its paper.
     *
     * @param ink true for ink, false for paper
     * @param diagonal as above
     */
    public static RunLabels of(InkMap map, boolean ink, boolean diagonal) {
        return of(map.coverage(), map.width(), map.height(), InkMap.INK, ink, diagonal);
    }

    /**
     * Labels the samples that are at least as high as a value, or all others. Eight are looked at
     * together, so that the time goes with the runs more than with the pixels.
     *
     * @param samples row by row, without sign
     * @param value 1 to 255
     * @param above true for those as high, false for the others
     * @param diagonal as above
     */
    public static RunLabels of(
            byte[] samples, int width, int height, int value, boolean above, boolean diagonal) {
        return of(InkRuns.bands(samples, width, height, value, above), width, height, diagonal);
    }

    private static RunLabels of(InkRuns[] bands, int width, int height, boolean diagonal) {
        int[] rowStart = new int[height + 1];
        int total = 0;
        for (InkRuns band : bands) {
            for (int row = 0; row < band.rows(); row++) {
                rowStart[band.fromRow() + row] = total + band.start(row);
            }
            total += band.size();
        }
        rowStart[height] = total;
        int[] starts = new int[total];
        int[] ends = new int[total];
        for (InkRuns band : bands) {
            band.copyTo(starts, ends, rowStart[band.fromRow()]);
        }
        int[] parent = join(bands, rowStart, starts, ends, diagonal ? 1 : 0);
        int count = flatten(parent);
        return new RunLabels(width, height, rowStart, starts, ends, parent, count);
    }

    /** Joins what touches: within bands side by side, then from each band to the one above. */
    private static int[] join(InkRuns[] bands, int[] rowStart, int[] from, int[] to, int reach) {
        int[] parent = new int[from.length];
        Arrays.stream(bands)
                .parallel()
                .forEach(
                        band -> {
                            int first = band.fromRow();
                            int end = first + band.rows();
                            for (int run = rowStart[first]; run < rowStart[end]; run++) {
                                parent[run] = run;
                            }
                            for (int y = first + 1; y < end; y++) {
                                joinRow(y, parent, rowStart, from, to, reach);
                            }
                        });
        for (int band = 1; band < bands.length; band++) {
            joinRow(bands[band].fromRow(), parent, rowStart, from, to, reach);
        }
        return parent;
    }

    private static void joinRow(
            int y, int[] parent, int[] rowStart, int[] from, int[] to, int reach) {
        int above = rowStart[y - 1];
        int run = rowStart[y];
        while (above < rowStart[y] && run < rowStart[y + 1]) {
            if (from[run] < to[above] + reach && from[above] < to[run] + reach) {
                union(parent, above, run);
            }
            if (to[above] < to[run]) {
                above++;
            } else {
                run++;
            }
        }
    }

    private static void union(int[] parent, int a, int b) {
        int rootA = find(parent, a);
        int rootB = find(parent, b);
        parent[Math.max(rootA, rootB)] = Math.min(rootA, rootB);
    }

    private static int find(int[] parent, int i) {
        int root = i;
        while (parent[root] != root) {
            parent[root] = parent[parent[root]];
            root = parent[root];
        }
        return root;
    }

    /** Replaces every parent by its label; roots come before their children. */
    private static int flatten(int[] parent) {
        int count = 0;
        for (int i = 0; i < parent.length; i++) {
            parent[i] = parent[i] == i ? count++ : parent[parent[i]];
        }
        return count;
    }

    /** Number of components. */
    public int count() {
        return count;
    }

    /** Number of pixels of a component. */
    public long size(int component) {
        return size[component];
    }

    /** The component of a pixel, or -1 if it belongs to none or lies outside. */
    public int at(int x, int y) {
        if (x < 0 || y < 0 || x >= width || y >= height) {
            return -1;
        }
        int low = rowStart[y];
        int high = rowStart[y + 1] - 1;
        while (low <= high) {
            int middle = (low + high) >>> 1;
            if (x < from[middle]) {
                high = middle - 1;
            } else if (x >= to[middle]) {
                low = middle + 1;
            } else {
                return label[middle];
            }
        }
        return -1;
    }

    /** Visits every run, row by row from the left. */
    public void forEachRun(RunVisitor visitor) {
        forEachRun(0, height, visitor);
    }

    /** The same in rows {@code fromRow} to {@code toRow - 1}. */
    public void forEachRun(int fromRow, int toRow, RunVisitor visitor) {
        for (int y = fromRow; y < toRow; y++) {
            for (int run = rowStart[y]; run < rowStart[y + 1]; run++) {
                visitor.visit(y, from[run], to[run], label[run]);
            }
        }
    }

    /** Receives runs of pixels. */
    @FunctionalInterface
    public interface RunVisitor {
        /** Columns {@code from} to {@code to - 1} of row {@code y} belong to {@code label}. */
        void visit(int y, int from, int to, int label);
    }
}
