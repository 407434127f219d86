package neattrace.sheet.speck;

import java.util.Arrays;
import neattrace.array.IntList;
import neattrace.array.UnionFind;

/**
 * Which of many small dots lie in a field as even as a screen tone or a checkerboard, however much
 * of the sheet it takes. A dot does if its four nearest neighbours are about as far away and two of
 * them lie opposite each other; of dots strewn at random one in seven has the first (the squares of
 * distances to the nearest ones are sums of exponential variables, P. J. Clark and F. C. Evans,
 * "Distance to Nearest Neighbor as a Measure of Spatial Relationships in Populations", Ecology
 * 35(4), 1954), too few to hang together.
 */
final class EvenField {

    private static final int NEAREST = 4;

    /** The fourth neighbour is no farther than so many times the first. */
    private static final double MOST_RATIO = 1.5;

    private static final double LEAST_COSINE = Math.cos(Math.toRadians(28));
    private static final double MOST_SIZE_RATIO = 3;

    /** Dots of a tone are no farther apart than so many diameters. */
    private static final double REACH_DIAMETERS = 8;

    private static final int LEAST_MEMBERS = 16;

    private final double[] xs;
    private final double[] ys;
    private final long[] areas;
    private final NearGrid grid;
    private final double reach;
    private final UnionFind sets;

    private EvenField(double[] xs, double[] ys, long[] areas, double sheetArea) {
        this.xs = xs;
        this.ys = ys;
        this.areas = areas;
        long[] sizes = areas.clone();
        Arrays.sort(sizes);
        double diameter = Math.sqrt(sizes[sizes.length / 2] * 4 / Math.PI);
        this.reach = Math.min(REACH_DIAMETERS * diameter, 3 * Math.sqrt(sheetArea / xs.length));
        this.grid = new NearGrid(xs, ys, reach);
        this.sets = new UnionFind(xs.length);
    }

    /** Marks those that lie in such a field. */
    static void mark(double[] xs, double[] ys, long[] areas, double sheetArea, boolean[] members) {
        if (xs.length >= LEAST_MEMBERS) {
            new EvenField(xs, ys, areas, sheetArea).mark(members);
        }
    }

    private void mark(boolean[] members) {
        int[][] even = new int[xs.length][];
        for (int i = 0; i < xs.length; i++) {
            int[] nearest = nearest(i);
            even[i] = isEven(i, nearest) ? nearest : null;
        }
        for (int i = 0; i < xs.length; i++) {
            for (int j : even[i] == null ? new int[0] : even[i]) {
                if (even[j] != null) {
                    sets.unite(i, j);
                }
            }
        }
        int[] sizes = sets.sizes();
        for (int i = 0; i < xs.length; i++) {
            members[i] |= sizes[sets.find(i)] >= LEAST_MEMBERS;
        }
        for (int i = 0; i < xs.length; i++) {
            for (int j : even[i] != null && members[i] ? even[i] : new int[0]) {
                members[j] = true;
            }
        }
    }

    private boolean isEven(int i, int[] nearest) {
        if (nearest.length < NEAREST
                || grid.distance(i, nearest[NEAREST - 1])
                        > MOST_RATIO * grid.distance(i, nearest[0])) {
            return false;
        }
        for (int a = 0; a < NEAREST; a++) {
            for (int b = a + 1; b < NEAREST; b++) {
                if (areOpposite(i, nearest[a], nearest[b])) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean areOpposite(int i, int j, int k) {
        double along = (xs[j] - xs[i]) * (xs[k] - xs[i]) + (ys[j] - ys[i]) * (ys[k] - ys[i]);
        return -along >= LEAST_COSINE * grid.distance(i, j) * grid.distance(i, k);
    }

    /** The nearest dots of about its size, nearest first. */
    private int[] nearest(int i) {
        int[] best = new int[NEAREST];
        double[] away = new double[NEAREST];
        int count = 0;
        IntList around = grid.around(i);
        for (int n = 0; n < around.size(); n++) {
            int j = around.get(n);
            double ratio = (double) areas[i] / areas[j];
            double distance = grid.distance(i, j);
            boolean alike = ratio <= MOST_SIZE_RATIO && ratio >= 1 / MOST_SIZE_RATIO;
            if (!alike || distance > reach || count == NEAREST && distance >= away[count - 1]) {
                continue;
            }
            int at = count < NEAREST ? count++ : count - 1;
            while (at > 0 && away[at - 1] > distance) {
                away[at] = away[at - 1];
                best[at] = best[at - 1];
                at--;
            }
            away[at] = distance;
            best[at] = j;
        }
        return Arrays.copyOf(best, count);
    }
}
