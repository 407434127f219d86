package neattrace.sheet.speck;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

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
        double density = n / sheetArea;
        double reach =
                Math.min(REACH_MM * pxPerMm, Math.sqrt(CHANCE_NEIGHBOURS / Math.PI / density));
        Map<Long, List<Integer>> cells = new HashMap<>();
        for (int i = 0; i < n; i++) {
            cells.computeIfAbsent(cell(xs[i], ys[i], reach, 0, 0), key -> new ArrayList<>()).add(i);
        }
        int[] parent = new int[n];
        double[] spacing = new double[n];
        for (int i = 0; i < n; i++) {
            parent[i] = i;
        }
        for (int i = 0; i < n; i++) {
            link(i, near(i, xs, ys, areas, cells, reach), xs, ys, parent, spacing);
        }
        for (int i = 0; i < n; i++) {
            adopt(i, near(i, xs, ys, areas, cells, reach), xs, ys, parent, spacing);
        }
        int[] members = new int[n];
        for (int i = 0; i < n; i++) {
            members[root(parent, i)]++;
        }
        for (int i = 0; i < n; i++) {
            member[i] = members[root(parent, i)] >= LEAST_MEMBERS;
        }
        return member;
    }

    private static long cell(double x, double y, double size, int dx, int dy) {
        long column = (long) Math.floor(x / size) + dx;
        long row = (long) Math.floor(y / size) + dy;
        return row << 32 ^ column & 0xffffffffL;
    }

    private static List<Integer> near(
            int i,
            double[] xs,
            double[] ys,
            long[] areas,
            Map<Long, List<Integer>> cells,
            double reach) {
        double own = Math.min(reach, REACH_DIAMETERS * Math.sqrt(areas[i] * 4 / Math.PI));
        List<Integer> near = new ArrayList<>();
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                for (int j : cells.getOrDefault(cell(xs[i], ys[i], reach, dx, dy), List.of())) {
                    double ratio = (double) areas[i] / areas[j];
                    boolean alike = ratio <= MOST_SIZE_RATIO && ratio >= 1 / MOST_SIZE_RATIO;
                    if (j != i && alike && Math.hypot(xs[j] - xs[i], ys[j] - ys[i]) <= own) {
                        near.add(j);
                    }
                }
            }
        }
        return near;
    }

    /** Links a dot with two neighbours on opposite sides, about as far away. */
    private static void link(
            int i, List<Integer> near, double[] xs, double[] ys, int[] parent, double[] spacing) {
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
                    parent[root(parent, j)] = root(parent, i);
                    parent[root(parent, k)] = root(parent, i);
                }
            }
        }
    }

    /** A dot at the end of a row has neighbours on one side only. */
    private static void adopt(
            int i, List<Integer> near, double[] xs, double[] ys, int[] parent, double[] spacing) {
        if (spacing[i] > 0) {
            return;
        }
        for (int j : near) {
            if (Math.hypot(xs[j] - xs[i], ys[j] - ys[i]) <= MOST_DISTANCE_RATIO * spacing[j]) {
                parent[root(parent, i)] = root(parent, j);
                return;
            }
        }
    }

    private static int root(int[] parent, int i) {
        int at = i;
        while (parent[at] != at) {
            parent[at] = parent[parent[at]];
            at = parent[at];
        }
        return at;
    }
}
