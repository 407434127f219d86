package neattrace.trace.centre;

import neattrace.geom.Point;
import neattrace.raster.InkMap;

/**
 * Finds the middle and the width of a branch to a fraction of a pixel, wherever it has an across.
 */
final class StrandMeasurer {

    private static final int ROUNDS = 2;

    /** Measured widths beyond the rough one by more than this px belong to something else too. */
    private static final double MOST_WIDER = 2.5;

    /** Sides of a bend that differ by more in direction meet at a corner. */
    private static final double CORNER = Math.toRadians(35);

    private final Skeleton skeleton;
    private final BranchGraph web;
    private final InkMap map;

    StrandMeasurer(InkMap map, Skeleton skeleton, BranchGraph web) {
        this.map = map;
        this.skeleton = skeleton;
        this.web = web;
    }

    Strand measure(Branch branch) {
        Strand strand = strand(branch);
        Probe probe = new Probe(map);
        smooth(strand);
        int[] bends = Bends.of(strand, branch.bends);
        boolean[] hidden = hidden(strand, branch, bends);
        for (int round = 0; round < ROUNDS; round++) {
            centre(strand, probe, hidden, round == ROUNDS - 1);
        }
        for (int bend : bends) {
            corner(strand, bend);
        }
        return strand;
    }

    private Strand strand(Branch branch) {
        int n = branch.pixels.length;
        double[] x = new double[n];
        double[] y = new double[n];
        double[] rough = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = branch.pixels[i] % skeleton.width() + 0.5;
            y[i] = branch.pixels[i] / skeleton.width() + 0.5;
            rough[i] = skeleton.radius(branch.pixels[i]);
        }
        return new Strand(branch.isRing(), branch.from, branch.to, x, y, rough);
    }

    private static void smooth(Strand strand) {
        double mean = 0;
        for (double value : strand.rough) {
            mean += value / strand.size();
        }
        int reach = (int) Math.max(2, Math.min(6, Math.round(1 + mean / 2)));
        strand.x = Smoothing.box(strand.x, reach, 3, strand.closed);
        strand.y = Smoothing.box(strand.y, reach, 3, strand.closed);
    }

    /** Where other lines meet this one, so that there is no across. */
    private boolean[] hidden(Strand strand, Branch branch, int[] bends) {
        boolean[] hidden = new boolean[strand.size()];
        if (!branch.isRing()) {
            hide(strand, hidden, branch.from);
            hide(strand, hidden, branch.to);
        }
        for (int bend : bends) {
            hide(strand, hidden, strand.at(bend), 1.3 * strand.rough[bend] + 0.5);
        }
        return hidden;
    }

    private void hide(Strand strand, boolean[] hidden, int node) {
        if (web.branchesAt.get(node).size() > 1) {
            hide(strand, hidden, web.at.get(node), web.radius.get(node) + 0.5);
        }
    }

    private static void hide(Strand strand, boolean[] hidden, Point middle, double reach) {
        for (int i = 0; i < hidden.length; i++) {
            hidden[i] |= middle.distance(strand.at(i)) < reach;
        }
    }

    private static void centre(Strand strand, Probe probe, boolean[] hidden, boolean last) {
        int n = strand.size();
        double[] shift = new double[n];
        double[] nx = new double[n];
        double[] ny = new double[n];
        for (int i = 0; i < n; i++) {
            normal(strand, i, nx, ny);
            double rough = strand.rough[i];
            boolean seen =
                    !hidden[i]
                            && probe.look(strand.x[i], strand.y[i], nx[i], ny[i], rough * 2 + 4)
                            && probe.across <= 2 * rough + MOST_WIDER
                            && Math.abs(probe.offset) <= Math.max(1.2, 0.7 * rough);
            strand.known[i] = seen;
            if (seen) {
                shift[i] = probe.offset;
                strand.width[i] = probe.across;
            }
        }
        fill(shift, strand.known, strand.closed);
        fill(strand.width, strand.known, strand.closed);
        double[] even = Smoothing.box(shift, last ? 1 : 2, 1, strand.closed);
        for (int i = 0; i < n; i++) {
            strand.x[i] += even[i] * nx[i];
            strand.y[i] += even[i] * ny[i];
        }
        strand.x = Smoothing.box(strand.x, 1, 1, strand.closed);
        strand.y = Smoothing.box(strand.y, 1, 1, strand.closed);
        strand.width = Smoothing.box(strand.width, 1, 1, strand.closed);
    }

    private static void normal(Strand strand, int i, double[] nx, double[] ny) {
        int n = strand.size();
        int reach = (int) Math.max(2, Math.min(5, strand.rough[i]));
        int before = strand.closed ? Math.floorMod(i - reach, n) : Math.max(0, i - reach);
        int after = strand.closed ? (i + reach) % n : Math.min(n - 1, i + reach);
        double dx = strand.x[after] - strand.x[before];
        double dy = strand.y[after] - strand.y[before];
        double length = Math.hypot(dx, dy);
        nx[i] = length == 0 ? 0 : -dy / length;
        ny[i] = length == 0 ? 1 : dx / length;
    }

    /** Gives unknown values those between their known neighbours. */
    private static void fill(double[] values, boolean[] known, boolean closed) {
        int n = values.length;
        int first = 0;
        while (first < n && !known[first]) {
            first++;
        }
        if (first == n) {
            return;
        }
        int before = first;
        int span = closed ? n : n - first;
        for (int k = 1; k <= span; k++) {
            int i = (first + k) % n;
            boolean end = !closed && first + k >= n;
            if (end || known[i]) {
                int gap = (end ? n : first + k) - before;
                for (int j = 1; j < gap; j++) {
                    double share = end ? 0 : (double) j / gap;
                    int at = (before + j) % n;
                    values[at] = values[before % n] * (1 - share) + (end ? 0 : values[i] * share);
                    if (end) {
                        values[at] = values[before % n];
                    }
                }
                before = first + k;
            }
        }
        for (int i = 0; !closed && i < first; i++) {
            values[i] = values[first];
        }
    }

    /** Where a bend's sides differ in direction they run straight on to where they meet. */
    private static void corner(Strand strand, int bend) {
        int n = strand.size();
        int before = Math.min(bend, n - 1);
        while (before >= 0 && !strand.known[before]) {
            before--;
        }
        int after = Math.min(bend, n - 1);
        while (after < n && !strand.known[after]) {
            after++;
        }
        if (before < 4 || after > n - 5 || after - before < 2) {
            return;
        }
        Point in = strand.at(before).minus(strand.at(before - 4)).unit();
        Point out = strand.at(after + 4).minus(strand.at(after)).unit();
        double cross = in.cross(out);
        if (Math.abs(Math.atan2(cross, in.dot(out))) < CORNER || Math.abs(cross) < 0.2) {
            return;
        }
        double along = strand.at(after).minus(strand.at(before)).cross(out) / cross;
        double most = 2.5 * strand.rough[before] + 2;
        if (along < 0 || along > most) {
            return;
        }
        Point meeting = strand.at(before).plus(in.times(along));
        int middle = (before + after) / 2;
        bridge(strand, before, middle, meeting);
        bridge(strand, after, middle, meeting);
    }

    private static void bridge(Strand strand, int known, int middle, Point meeting) {
        int steps = Math.abs(middle - known);
        int way = middle > known ? 1 : -1;
        Point from = strand.at(known);
        for (int k = 1; k <= steps; k++) {
            Point place = from.plus(meeting.minus(from).times((double) k / steps));
            strand.x[known + way * k] = place.x();
            strand.y[known + way * k] = place.y();
        }
    }
}
