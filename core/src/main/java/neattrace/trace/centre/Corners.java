package neattrace.trace.centre;

import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;

/**
 * How a line goes round where it bends at once: sharp, or along an arc, as its outer edge tells.
 */
final class Corners {

    /** An edge so much nearer to where the sides meet than a pen's is rounded, in half widths. */
    private static final double ROUNDED = 0.08;

    /** Sides of a bend that differ by more in direction meet at a corner. */
    private static final double CORNER = Math.toRadians(35);

    /** A side comes to a corner if it need not bend otherwise than it does by more. */
    private static final double OTHERWISE = Math.toRadians(25);

    /** A corner is no farther from where both its sides are seen, in half widths. */
    private static final double FARTHEST = 6;

    private Corners() {}

    /**
     * Where a bend's sides differ in direction they run straight on to where they meet, or round
     * the arc that the outer edge tells: a pen of a width leaves half of it outside a sharp corner,
     * and less beyond where the sides of a rounded one would meet.
     */
    static void settle(Strand strand, int bend, Probe probe) {
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
        if (turn < CORNER || roundJoin(strand, before, after, in, out, probe)) {
            return;
        }
        if (Math.abs(cross) < 0.2) {
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
        Optional<RoundJoin> found = RoundJoin.of(probe, start, in, out, half);
        if (found.isEmpty()) {
            return false;
        }
        Point corner = found.get().centre();
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
        List<Point> way = found.get().way(strand.at(before), in, out, strand.at(after));
        if (!probe.isInk(way)) {
            return false;
        }
        lay(strand, before, after, way);
        if (found.get().radius() == 0) {
            sharpen(strand, before, after, corner);
        }
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
