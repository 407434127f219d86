package neattrace.trace.centre;

import java.util.Arrays;
import neattrace.geom.Point;
import neattrace.raster.InkMap;

/**
 * Finds the middle and the width of a branch to a fraction of a pixel, wherever it has an across.
 */
final class StrandMeasurer {

    private static final int ROUNDS = 2;

    /** Measured widths beyond the rough one by more than this px belong to something else too. */
    private static final double MOST_WIDER = 2.5;

    /** Beside a corner so much is hidden at least and at most, times the half width. */
    private static final double LEAST_HIDDEN = 0.8;

    private static final double MOST_HIDDEN = 1.3;

    /** Lines that part are looked at as one no farther than this, times the meeting's radius. */
    private static final double MERGED = 5;

    /** Over how much of a line it is told whether it gets narrower, times the meeting's radius. */
    private static final double AHEAD = 0.6;

    /** Half widths that shrink faster than this, px a px, are those of lines that part. */
    private static final double PARTING = 0.12;

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
        if (strand.closed) {
            bends = awayFromSeam(strand, bends);
        }
        boolean[] hidden = hidden(strand, branch, bends);
        for (int round = 0; round < ROUNDS; round++) {
            centre(strand, probe, hidden, round == ROUNDS - 1);
        }
        for (int bend : bends) {
            Corners.settle(strand, bend, probe);
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

    /** Begins a ring where it is farthest from any bend; gives the bends anew. */
    private static int[] awayFromSeam(Strand strand, int[] bends) {
        int n = strand.size();
        if (bends.length == 0) {
            return bends;
        }
        int longest = 0;
        int start = 0;
        for (int k = 0; k < bends.length; k++) {
            int next = bends[(k + 1) % bends.length] + (k + 1 == bends.length ? n : 0);
            if (next - bends[k] > longest) {
                longest = next - bends[k];
                start = (bends[k] + longest / 2) % n;
            }
        }
        strand.startAt(start);
        int from = start;
        return Arrays.stream(bends).map(bend -> Math.floorMod(bend - from, n)).sorted().toArray();
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
            hide(strand, hidden, branch.from, true);
            hide(strand, hidden, branch.to, false);
        }
        for (int bend : bends) {
            // The inner side of a corner reaches as far along its sides as it is sharp.
            double turn = Bends.turn(strand, bend);
            double sharp = Math.max(LEAST_HIDDEN, Math.min(MOST_HIDDEN, Math.tan(turn / 2)));
            hide(strand, hidden, strand.at(bend), sharp * strand.rough[bend] + 1.5);
        }
        return hidden;
    }

    private void hide(Strand strand, boolean[] hidden, int node, boolean atStart) {
        if (web.branchesAt.get(node).size() < 2) {
            return;
        }
        double radius = web.radius.get(node) + 0.5;
        hide(strand, hidden, web.at.get(node), radius);
        // Lines that part at a sharp angle are one for a while, and get narrower fast until they
        // are apart; a pen that is lifted does so by and by.
        int n = strand.size();
        int ahead = (int) Math.max(5, AHEAD * radius);
        double way = 0;
        for (int k = 0; k + ahead < n && way < MERGED * radius; k++) {
            int i = atStart ? k : n - 1 - k;
            int next = atStart ? i + 1 : i - 1;
            int later = atStart ? i + ahead : i - ahead;
            way += strand.at(i).distance(strand.at(next));
            if (!hidden[i]) {
                if (strand.rough[i] - strand.rough[later] < PARTING * ahead) {
                    break;
                }
                hidden[i] = true;
            }
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
}
