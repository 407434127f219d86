package neattrace.trace.centre;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
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

    /** An edge so much nearer to where the sides meet than a pen's is rounded, in half widths. */
    private static final double ROUNDED = 0.08;

    /** Sides of a bend that differ by more in direction meet at a corner. */
    private static final double CORNER = Math.toRadians(35);

    /** A side comes to a corner if it need not bend otherwise than it does by more. */
    private static final double OTHERWISE = Math.toRadians(25);

    /** A corner is no farther from where both its sides are seen, in half widths. */
    private static final double FARTHEST = 6;

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
            corner(strand, bend, probe);
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

    /**
     * Where a bend's sides differ in direction they run straight on to where they meet, or round
     * the arc that the outer edge tells: a pen of a width leaves half of it outside a sharp corner,
     * and less beyond where the sides of a rounded one would meet.
     */
    private static void corner(Strand strand, int bend, Probe probe) {
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
        int reach = (int) Math.max(4, Math.min(strand.rough[before], 12));
        Point in = strand.at(before).minus(strand.at(Math.max(0, before - reach))).unit();
        Point out = strand.at(Math.min(n - 1, after + reach)).minus(strand.at(after)).unit();
        double cross = in.cross(out);
        double turn = Math.abs(Math.atan2(cross, in.dot(out)));
        if (turn < CORNER || Math.abs(cross) < 0.2) {
            return;
        }
        if (roundJoin(strand, before, after, in, out, probe)) {
            return;
        }
        double along = strand.at(after).minus(strand.at(before)).cross(out) / cross;
        double most = (1.2 + 1.3 * Math.tan(Math.min(turn, 2.4) / 2)) * strand.rough[before] + 3;
        if (along < 0 || along > most) {
            return;
        }
        Point meeting = strand.at(before).plus(in.times(along));
        double beyond = strand.at(after).minus(meeting).dot(out);
        if (beyond < 0 || beyond > most || meeting.distance(strand.at(after)) > most) {
            return;
        }
        double inset = inset(probe, meeting, in.minus(out).unit(), strand.rough[before]);
        List<Point> way = Rounding.of(strand.at(before), in, meeting, out, strand.at(after), inset);
        if (!probe.isInk(way)) {
            return;
        }
        lay(strand, before, after, way);
        if (inset == 0) {
            sharpen(strand, before, after, meeting);
        }
    }

    /** Whether a round pen turned at one place there; then both sides bend on to it. */
    private static boolean roundJoin(
            Strand strand, int before, int after, Point in, Point out, Probe probe) {
        double half = (strand.width[before] + strand.width[after]) / 4;
        Point start = strand.at((before + after) / 2);
        Optional<Point> found = RoundJoin.of(probe, start, in, out, half);
        if (found.isEmpty()) {
            return false;
        }
        Point corner = found.get();
        double far =
                Math.max(corner.distance(strand.at(before)), corner.distance(strand.at(after)));
        boolean ahead =
                corner.minus(strand.at(before)).dot(in) > 0
                        && strand.at(after).minus(corner).dot(out) > 0;
        if (!ahead || far > FARTHEST * half) {
            return false;
        }
        boolean goesOn =
                bendsTo(strand, before, -1, in, corner)
                        && bendsTo(strand, after, 1, out.times(-1), corner);
        if (!goesOn) {
            return false;
        }
        List<Point> way = new ArrayList<>(RoundJoin.side(strand.at(before), in, corner));
        List<Point> back = RoundJoin.side(strand.at(after), out.times(-1), corner);
        for (int k = back.size() - 2; k >= 0; k--) {
            way.add(back.get(k));
        }
        if (!probe.isInk(way)) {
            return false;
        }
        lay(strand, before, after, way);
        sharpen(strand, before, after, corner);
        return true;
    }

    /** Whether a side that bends on as it does comes to a corner, or nearly. */
    private static boolean bendsTo(
            Strand strand, int last, int inward, Point towards, Point corner) {
        Point way = corner.minus(strand.at(last));
        double turn = Math.atan2(towards.cross(way), towards.dot(way));
        int reach = (int) Math.max(6, Math.min(40, strand.width[last]));
        int far = last + 2 * inward * reach;
        double bend = 0;
        if (far >= 0 && far < strand.size()) {
            Point near = strand.at(last).minus(strand.at(last + inward * reach));
            Point before = strand.at(last + inward * reach).minus(strand.at(far));
            bend = Math.atan2(before.cross(near), before.dot(near)) / Math.max(1, near.length());
        }
        return Math.abs(turn - bend * way.length() / 2) < OTHERWISE;
    }

    /** The sample nearest to a sharp corner is the corner. */
    private static void sharpen(Strand strand, int before, int after, Point corner) {
        int nearest = before + 1;
        for (int i = before + 1; i < after; i++) {
            boolean nearer = strand.at(i).distance(corner) < strand.at(nearest).distance(corner);
            nearest = nearer ? i : nearest;
        }
        strand.x[nearest] = corner.x();
        strand.y[nearest] = corner.y();
    }

    /** How far within the corner of its sides a bend's middle runs. */
    private static double inset(Probe probe, Point meeting, Point outwards, double half) {
        double edge = probe.edge(meeting, outwards, 3 * half + 3);
        double inset = half - edge;
        return inset < ROUNDED * half + 0.2 ? 0 : inset;
    }

    /** Lays the samples between two known ones evenly along a way. */
    private static void lay(Strand strand, int before, int after, List<Point> way) {
        double[] at = new double[way.size()];
        for (int i = 1; i < at.length; i++) {
            at[i] = at[i - 1] + way.get(i).distance(way.get(i - 1));
        }
        double total = at[at.length - 1];
        int k = 0;
        for (int i = before + 1; i < after; i++) {
            double goal = total * (i - before) / (after - before);
            while (k + 2 < at.length && at[k + 1] < goal) {
                k++;
            }
            double share = at[k + 1] == at[k] ? 0 : (goal - at[k]) / (at[k + 1] - at[k]);
            Point place = way.get(k).plus(way.get(k + 1).minus(way.get(k)).times(share));
            strand.x[i] = place.x();
            strand.y[i] = place.y();
        }
    }
}
