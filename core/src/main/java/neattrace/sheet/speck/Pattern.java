package neattrace.sheet.speck;

import neattrace.array.IntList;
import neattrace.array.UnionFind;

/** Which of many small dots belong to a row or a field of dots. */
final class Pattern {

    /** Neighbours are looked for within this many diameters and mm. */
    private static final double REACH_DIAMETERS = 14;

    private static final double REACH_MM = 3;

    /** By chance alone a dot has no more neighbours than this. */
    private static final double CHANCE_NEIGHBOURS = 0.25;

    private static final double MOST_SIZE_RATIO = 3;
    private static final double MOST_DISTANCE_RATIO = 1.7;
    private static final double LEAST_COSINE = Math.cos(Math.toRadians(28));
    private static final int LEAST_MEMBERS = 5;

    /** More small pieces than this are grain or a tone; nobody looks for rows among them. */
    private static final int MOST_LOOKED_AT = 40_000;

    private Pattern() {}

    /**
     * Finds members.
     *
     * @param xs middles, px
     * @param areas px2
     * @param sheetArea px2
     */
    static boolean[] members(
            double[] xs, double[] ys, long[] areas, double pxPerMm, double sheetArea) {
        int n = xs.length;
        boolean[] member = new boolean[n];
        if (n < LEAST_MEMBERS) {
            return member;
        }
        EvenField.mark(xs, ys, areas, sheetArea, member);
        if (n > MOST_LOOKED_AT) {
            return member;
        }
        double density = n / sheetArea;
        double reach =
                Math.min(REACH_MM * pxPerMm, Math.sqrt(CHANCE_NEIGHBOURS / Math.PI / density));
        NearGrid grid = new NearGrid(xs, ys, reach);
        UnionFind sets = new UnionFind(n);
        double[] spacing = new double[n];
        for (int i = 0; i < n; i++) {
            link(i, near(i, areas, grid, reach), xs, ys, sets, spacing);
        }
        for (int i = 0; i < n; i++) {
            adopt(i, near(i, areas, grid, reach), xs, ys, sets, spacing);
        }
        int[] sizes = sets.sizes();
        for (int i = 0; i < n; i++) {
            member[i] |= sizes[sets.find(i)] >= LEAST_MEMBERS;
        }
        return member;
    }

    private static IntList near(int i, long[] areas, NearGrid grid, double reach) {
        double own = Math.min(reach, REACH_DIAMETERS * Math.sqrt(areas[i] * 4 / Math.PI));
        IntList around = grid.around(i);
        IntList near = new IntList();
        for (int k = 0; k < around.size(); k++) {
            int j = around.get(k);
            double ratio = (double) areas[i] / areas[j];
            boolean alike = ratio <= MOST_SIZE_RATIO && ratio >= 1 / MOST_SIZE_RATIO;
            if (alike && grid.distance(i, j) <= own) {
                near.add(j);
            }
        }
        return near;
    }

    /** Links a dot with two neighbours on opposite sides, about as far away. */
    private static void link(
            int i, IntList near, double[] xs, double[] ys, UnionFind sets, double[] spacing) {
        for (int a = 0; a < near.size(); a++) {
            for (int b = a + 1; b < near.size(); b++) {
                int j = near.get(a);
                int k = near.get(b);
                double jx = xs[j] - xs[i];
                double jy = ys[j] - ys[i];
                double kx = xs[k] - xs[i];
                double ky = ys[k] - ys[i];
                double dj = Math.hypot(jx, jy);
                double dk = Math.hypot(kx, ky);
                boolean opposite = -(jx * kx + jy * ky) >= LEAST_COSINE * dj * dk;
                boolean even = dj <= MOST_DISTANCE_RATIO * dk && dk <= MOST_DISTANCE_RATIO * dj;
                if (opposite && even) {
                    spacing[i] = Math.max(spacing[i], Math.max(dj, dk));
                    spacing[j] = Math.max(spacing[j], dj);
                    spacing[k] = Math.max(spacing[k], dk);
                    sets.unite(j, i);
                    sets.unite(k, i);
                }
            }
        }
    }

    /** A dot at the end of a row has neighbours on one side only. */
    private static void adopt(
            int i, IntList near, double[] xs, double[] ys, UnionFind sets, double[] spacing) {
        if (spacing[i] > 0) {
            return;
        }
        for (int k = 0; k < near.size(); k++) {
            int j = near.get(k);
            if (Math.hypot(xs[j] - xs[i], ys[j] - ys[i]) <= MOST_DISTANCE_RATIO * spacing[j]) {
                sets.unite(i, j);
                return;
            }
        }
    }
}
