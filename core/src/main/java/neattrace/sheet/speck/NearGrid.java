package neattrace.sheet.speck;

import java.util.HashMap;
import java.util.Map;
import neattrace.array.IntList;

/** Places sorted into square cells, so that those near one are found without looking at all. */
final class NearGrid {

    private static final IntList NONE = new IntList();

    private final double[] xs;
    private final double[] ys;
    private final double cell;
    private final Map<Long, IntList> cells = new HashMap<>();

    NearGrid(double[] xs, double[] ys, double cell) {
        this.xs = xs;
        this.ys = ys;
        this.cell = cell;
        for (int i = 0; i < xs.length; i++) {
            cells.computeIfAbsent(key(i, 0, 0), key -> new IntList()).add(i);
        }
    }

    private long key(int i, int dx, int dy) {
        long column = (long) Math.floor(xs[i] / cell) + dx;
        long row = (long) Math.floor(ys[i] / cell) + dy;
        return row << 32 ^ column & 0xffffffffL;
    }

    /**
     * All others in its cell and in those around it: those no farther away than a cell's side, and
     * some that are.
     */
    IntList around(int i) {
        IntList around = new IntList();
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                IntList there = cells.getOrDefault(key(i, dx, dy), NONE);
                for (int k = 0; k < there.size(); k++) {
                    if (there.get(k) != i) {
                        around.add(there.get(k));
                    }
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
