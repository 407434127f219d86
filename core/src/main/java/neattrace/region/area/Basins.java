package neattrace.region.area;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.label.RunLabels;

/** Floods the free paper from its widest places down to the ink. */
final class Basins {

    /** A narrow opening between two basins: the pixel in its middle. */
    record Neck(int pixel, double widthPx, boolean closed) {}

    private static final int UNVISITED = -2;
    private static final int INK = -1;

    /** Steps of distance that are told apart while ordering pixels, a px. */
    private static final int LEVELS_PER_PX = 4;

    /** Squared distances below this are looked up. */
    private static final int TABLE = 1 << 20;

    /** Meetings as near as this are of one line, px. */
    private static final int NEAR = 2;

    private final InkMap map;
    private final int[] squared;
    private final NeckRule rule;
    private final int width;

    /** For each pixel first its basin while flooding, at the end its area's label. */
    private final int[] basinOf;

    private int[] parent = new int[1024];
    private double[] peak = new double[1024];
    private int basins;
    private final List<Neck> necks = new ArrayList<>();

    /** For each basin the basins it is kept apart from, as numbered at the time; null if none. */
    private int[][] apart = new int[1024][];

    /** Pixels at which basins kept apart have met. */
    private final BitSet met = new BitSet();

    private int count;

    private Basins(InkMap map, int[] squared, NeckRule rule) {
        this.map = map;
        this.squared = squared;
        this.rule = rule;
        this.width = map.width();
        this.basinOf = new int[width * map.height()];
    }

    /**
     * Floods.
     *
     * @param squared squared distance of each pixel from ink, px
     * @param rule what happens where basins meet
     */
    static Basins flood(InkMap map, int[] squared, NeckRule rule) {
        Basins basins = new Basins(map, squared, rule);
        basins.flood();
        basins.number();
        return basins;
    }

    int[] labels() {
        return basinOf;
    }

    int count() {
        return count;
    }

    List<Neck> necks() {
        return necks;
    }

    private void flood() {
        for (int i = 0; i < basinOf.length; i++) {
            basinOf[i] = map.isInk(i) ? INK : UNVISITED;
        }
        startWide();
        int[] order = farthestFirst();
        for (int i : order) {
            visit(i);
        }
    }

    /** Paper so wide that the rule has no say in it: each stretch is one basin from the start. */
    private void startWide() {
        double above = rule.alwaysMergedAbove();
        if (above >= Math.sqrt(Integer.MAX_VALUE)) {
            return;
        }
        long limit = (long) Math.floor(above * above);
        RunLabels wide =
                RunLabels.of(
                        width,
                        map.height(),
                        i -> squared[i] > limit && squared[i] != Integer.MAX_VALUE,
                        false);
        int[] most = new int[wide.count()];
        wide.forEachRun(
                (y, from, to, stretch) -> {
                    for (int i = y * width + from; i < y * width + to; i++) {
                        most[stretch] = Math.max(most[stretch], squared[i]);
                        basinOf[i] = stretch;
                    }
                });
        for (int peakSquared : most) {
            newBasin(Math.sqrt(peakSquared));
        }
    }

    /** Paper pixels that are in no basin yet by falling distance from ink, by counting sort. */
    private int[] farthestFirst() {
        int far = 0;
        int paper = 0;
        for (int i = 0; i < basinOf.length; i++) {
            if (basinOf[i] == UNVISITED) {
                far = Math.max(far, squared[i] == Integer.MAX_VALUE ? 0 : squared[i]);
                paper++;
            }
        }
        int most = level(far);
        // A table spares a root a pixel where distances are few.
        int[] levels = new int[far < TABLE ? far + 1 : 0];
        Arrays.setAll(levels, Basins::level);
        int[] start = new int[most + 2];
        for (int i = 0; i < basinOf.length; i++) {
            if (basinOf[i] == UNVISITED) {
                start[most - level(i, levels) + 1]++;
            }
        }
        for (int level = 1; level < start.length; level++) {
            start[level] += start[level - 1];
        }
        int[] order = new int[paper];
        for (int i = 0; i < basinOf.length; i++) {
            if (basinOf[i] == UNVISITED) {
                order[start[most - level(i, levels)]++] = i;
            }
        }
        return order;
    }

    private int level(int i, int[] levels) {
        int value = squared[i];
        return value == Integer.MAX_VALUE
                ? 0
                : value < levels.length ? levels[value] : level(value);
    }

    private static int level(int squared) {
        return (int) (LEVELS_PER_PX * Math.sqrt(squared));
    }

    private double distance(int i) {
        return squared[i] == Integer.MAX_VALUE ? 1e6 : Math.sqrt(squared[i]);
    }

    private void visit(int i) {
        int x = i % width;
        int own = UNVISITED;
        own = touch(i, x > 0 ? i - 1 : -1, own);
        own = touch(i, x < width - 1 ? i + 1 : -1, own);
        own = touch(i, i - width, own);
        own = touch(i, i + width < basinOf.length ? i + width : -1, own);
        basinOf[i] = own == UNVISITED ? newBasin(distance(i)) : own;
        rule.added(find(basinOf[i]), i);
    }

    /** Width of an opening with this distance in its middle: edge to edge, not centre to centre. */
    static double width(double neck) {
        return Math.max(1, 2 * neck - 1);
    }

    /** Meets the basin of a neighbour; returns the basin that pixel i now belongs to. */
    private int touch(int i, int neighbour, int own) {
        if (neighbour < 0 || basinOf[neighbour] < 0) {
            return own;
        }
        int other = find(basinOf[neighbour]);
        if (own == UNVISITED) {
            return other;
        }
        int mine = find(own);
        if (other == mine) {
            return mine;
        }
        double neck = distance(i);
        if (areApart(mine, other)) {
            if (rule.wantsAll()) {
                meet(i, neck);
            }
            return mine;
        }
        int lower = peak[mine] < peak[other] ? mine : other;
        Point place = new Point(x(i) + 0.5, y(i) + 0.5);
        NeckRule.Verdict verdict = rule.judge(neck, peak[lower], place, mine, other);
        if (verdict != NeckRule.Verdict.MERGE) {
            necks.add(new Neck(i, width(neck), verdict == NeckRule.Verdict.CLOSED));
        }
        if (verdict == NeckRule.Verdict.CLOSED) {
            keepApart(mine, other);
            keepApart(other, mine);
            met.set(i);
            return mine;
        }
        int higher = lower == mine ? other : mine;
        parent[lower] = higher;
        rule.merged(lower, higher);
        if (apart[lower] != null) {
            for (int far : apart[lower]) {
                keepApart(higher, far);
            }
            apart[lower] = null;
        }
        return higher;
    }

    /**
     * Basins kept apart meet all along a line. A meeting away from all others is another opening;
     * meetings come widest first, so the first pixel of a line is its widest.
     */
    private void meet(int i, double neck) {
        boolean known = false;
        for (int dy = -NEAR; dy <= NEAR && !known; dy++) {
            for (int dx = -NEAR; dx <= NEAR && !known; dx++) {
                int px = x(i) + dx;
                int py = y(i) + dy;
                boolean inside = px >= 0 && px < width && py >= 0 && py * width < basinOf.length;
                known = inside && met.get(py * width + px);
            }
        }
        met.set(i);
        if (!known) {
            necks.add(new Neck(i, width(neck), true));
        }
    }

    private void keepApart(int basin, int far) {
        int[] known = apart[basin] == null ? new int[0] : apart[basin];
        int[] more = Arrays.copyOf(known, known.length + 1);
        more[known.length] = far;
        apart[basin] = more;
    }

    private int x(int i) {
        return i % width;
    }

    private int y(int i) {
        return i / width;
    }

    private boolean areApart(int a, int b) {
        if (apart[a] == null) {
            return false;
        }
        for (int far : apart[a]) {
            if (find(far) == b) {
                return true;
            }
        }
        return false;
    }

    private int newBasin(double at) {
        if (basins == parent.length) {
            parent = Arrays.copyOf(parent, basins * 2);
            peak = Arrays.copyOf(peak, basins * 2);
            apart = Arrays.copyOf(apart, basins * 2);
        }
        parent[basins] = basins;
        peak[basins] = at;
        return basins++;
    }

    private int find(int basin) {
        int root = basin;
        while (parent[root] != root) {
            parent[root] = parent[parent[root]];
            root = parent[root];
        }
        return root;
    }

    /** Replaces basins by labels from 0, in the order of their first pixels. */
    private void number() {
        int[] label = new int[basins];
        Arrays.fill(label, -1);
        for (int i = 0; i < basinOf.length; i++) {
            if (basinOf[i] >= 0) {
                int root = find(basinOf[i]);
                if (label[root] < 0) {
                    label[root] = count++;
                }
                basinOf[i] = label[root];
            }
        }
    }
}
