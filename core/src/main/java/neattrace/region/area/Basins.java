package neattrace.region.area;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import neattrace.array.IntList;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;

/** Floods the free paper from its widest places down to the ink. */
final class Basins {

    /** A narrow opening between two basins: the pixel in its middle. */
    record Neck(int pixel, double widthPx, int a, int b) {}

    private static final int UNVISITED = -2;

    /** Farther from ink than this, squared, px, all paper counts as equally far. */
    private static final int FARTHEST = 1 << 20;

    /** Meetings as near as this are of one line, px. */
    private static final int NEAR = 2;

    private final InkMap map;
    private final DistanceTransform side;
    private final NeckRule rule;
    private final int width;

    /** For each pixel its basin. */
    private int[] basinOf;

    private int[] parent = new int[1024];
    private double[] peak = new double[1024];
    private int basins;
    private final List<Neck> necks = new ArrayList<>();

    /** For each basin the basins it is kept apart from, as numbered at the time; null if none. */
    private int[][] apart = new int[1024][];

    /** Pixels at which basins kept apart have met. */
    private final BitSet met = new BitSet();

    private int count;

    /** For each basin its label. */
    private int[] label;

    private Basins(InkMap map, DistanceTransform side, NeckRule rule) {
        this.map = map;
        this.side = side;
        this.rule = rule;
        this.width = map.width();
    }

    /**
     * Floods.
     *
     * @param side how far paper is from ink
     * @param rule what happens where basins meet
     */
    static Basins flood(InkMap map, DistanceTransform side, NeckRule rule) {
        Basins basins = new Basins(map, side, rule);
        double above = rule.alwaysMergedAbove();
        if (above < Math.sqrt(FARTHEST)) {
            basins.floodNarrow((long) Math.floor(above * above));
        } else {
            basins.floodAll();
        }
        basins.number();
        return basins;
    }

    /** The basin of each paper pixel; below zero for ink. */
    int[] basinOf() {
        return basinOf;
    }

    /** The label of each basin. */
    int[] labels() {
        return label;
    }

    int count() {
        return count;
    }

    /** The openings between stretches that were kept apart, by their labels. */
    List<Neck> necks() {
        return necks.stream()
                .map(neck -> new Neck(neck.pixel, neck.widthPx, labelOf(neck.a), labelOf(neck.b)))
                .toList();
    }

    private int labelOf(int basin) {
        return label[find(basin)];
    }

    /** Every paper pixel is visited. */
    private void floodAll() {
        basinOf = new int[width * map.height()];
        IntList paper = new IntList();
        for (int i = 0; i < basinOf.length; i++) {
            basinOf[i] = map.isInk(i) ? SteepestAscent.INK : UNVISITED;
            if (!map.isInk(i)) {
                paper.add(i);
            }
        }
        for (int i : farthestFirst(paper.toArray())) {
            visit(i);
            rule.added(find(basinOf[i]), i);
        }
    }

    /**
     * Paper so wide that the rule has no say in it is one basin from the start, and what runs
     * straight up to a place belongs to it: only pixels at which basins meet are visited.
     */
    private void floodNarrow(long limit) {
        SteepestAscent slopes = SteepestAscent.of(map, side, limit);
        basinOf = slopes.labels;
        basins = slopes.peaks.length;
        parent = new int[basins];
        Arrays.setAll(parent, i -> i);
        peak = new double[basins];
        Arrays.setAll(peak, i -> radius(slopes.peaks[i]));
        apart = new int[basins][];
        Meetings meetings = slopes.meetings(side);
        for (int k = 0; k < meetings.size(); k++) {
            meet(meetings.pixel(k), meetings.squared(k), meetings.own(k), meetings.other(k));
        }
    }

    private boolean isEarlier(int a, int b) {
        return SteepestAscent.isEarlier(a, height(a), b, height(b));
    }

    private int height(int i) {
        return Math.min(FARTHEST, side.squared(i));
    }

    /** Pixels, given by rising index, by falling distance from ink, by counting sort. */
    private int[] farthestFirst(int[] pixels) {
        int far = 0;
        for (int i : pixels) {
            far = Math.max(far, height(i));
        }
        int[] start = new int[far + 2];
        for (int i : pixels) {
            start[far - height(i) + 1]++;
        }
        for (int level = 1; level < start.length; level++) {
            start[level] += start[level - 1];
        }
        int[] order = new int[pixels.length];
        for (int i : pixels) {
            order[start[far - height(i)]++] = i;
        }
        return order;
    }

    private static double radius(int squared) {
        return squared == DistanceTransform.FAR ? 1e6 : Math.sqrt(squared);
    }

    private void visit(int i) {
        int x = i % width;
        int own = basinOf[i];
        own = touch(i, x > 0 ? i - 1 : -1, own);
        own = touch(i, x < width - 1 ? i + 1 : -1, own);
        own = touch(i, i - width, own);
        own = touch(i, i + width < basinOf.length ? i + width : -1, own);
        basinOf[i] = own == UNVISITED ? newBasin(radius(side.squared(i))) : own;
    }

    /** Width of an opening with this distance in its middle: edge to edge, not centre to centre. */
    static double width(double neck) {
        return Math.max(1, 2 * neck - 1);
    }

    /** Meets the basin of a neighbour; returns the basin that pixel i now belongs to. */
    private int touch(int i, int neighbour, int own) {
        if (neighbour < 0 || basinOf[neighbour] < 0 || !isEarlier(neighbour, i)) {
            return own;
        }
        if (own == UNVISITED) {
            return find(basinOf[neighbour]);
        }
        return meet(i, side.squared(i), own, basinOf[neighbour]);
    }

    /** Two basins meet at pixel i; returns the basin that its own, the first one, is now. */
    private int meet(int i, int squared, int own, int neighbours) {
        int mine = find(own);
        int other = find(neighbours);
        if (other == mine) {
            return mine;
        }
        boolean apart = areApart(mine, other);
        if (apart && isOfKnownOpening(i)) {
            met.set(i);
            return mine;
        }
        double neck = radius(squared);
        int lower = peak[mine] < peak[other] ? mine : other;
        if (!apart && !rule.parts(neck, peak[lower], i, mine, other)) {
            return merge(lower, lower == mine ? other : mine);
        }
        necks.add(new Neck(i, width(neck), mine, other));
        if (!apart) {
            keepApart(mine, other);
            keepApart(other, mine);
        }
        met.set(i);
        return mine;
    }

    private int merge(int lower, int higher) {
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
    private boolean isOfKnownOpening(int i) {
        for (int dy = -NEAR; dy <= NEAR; dy++) {
            for (int dx = -NEAR; dx <= NEAR; dx++) {
                int px = x(i) + dx;
                int py = y(i) + dy;
                boolean inside = px >= 0 && px < width && py >= 0 && py * width < basinOf.length;
                if (inside && met.get(py * width + px)) {
                    return true;
                }
            }
        }
        return false;
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

    /** Gives basins labels from 0, in their order; those merged have the same. */
    private void number() {
        label = new int[basins];
        Arrays.fill(label, -1);
        for (int basin = 0; basin < basins; basin++) {
            int root = find(basin);
            if (label[root] < 0) {
                label[root] = count++;
            }
            label[basin] = label[root];
        }
    }
}
