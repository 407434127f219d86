package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.PriorityQueue;
import neattrace.geom.Point;

/** Covers a section with as few cubics as the error bound allows, merging from the bottom up. */
final class SectionFitter {

    /** Samples in a first piece: 4 px. */
    private static final int FIRST_PIECE = 8;

    /** The root mean square may reach this share of the largest error allowed. */
    private static final double RMS_SHARE = 0.4;

    /** A piece whose samples keep within this of its chord is a straight line, px. */
    private static final double STRAIGHT_PX = 0.12;

    /** Shorter pieces than this between smooth neighbours stay curves, px. */
    private static final double SHORT_PX = 10;

    /** Joints tried within a piece that may go, and how often all pieces are gone through. */
    private static final int JOINTS = 8;

    private static final int MOST_ROUNDS = 4;

    /** How far joints are moved in one go, samples. */
    private static final int[] SHIFTS = {-8, -4, -2, -1, 1, 2, 4, 8};

    private static final int SHORTEST = 3;

    private final Section section;
    private final double maxError;

    /** One entry a piece of the first cut; pieces to the right are merged into the left one. */
    private final int[] start;

    private final int[] end;
    private final int[] next;
    private final int[] previous;
    private final int[] version;
    private final Piece[] piece;
    private final Point[] tangentAt;

    private SectionFitter(Section section, double maxError) {
        this.section = section;
        this.maxError = maxError;
        int count = Math.max(section.ring ? 2 : 1, section.last() / FIRST_PIECE);
        start = new int[count];
        end = new int[count];
        next = new int[count];
        previous = new int[count];
        version = new int[count];
        piece = new Piece[count];
        tangentAt = new Point[section.last() + 1];
        for (int i = 0; i < count; i++) {
            start[i] = (int) ((long) section.last() * i / count);
            end[i] = (int) ((long) section.last() * (i + 1) / count);
            next[i] = i + 1 < count ? i + 1 : -1;
            previous[i] = i - 1;
            piece[i] = fit(start[i], end[i]);
        }
    }

    static List<Piece> fit(Section section, double maxError) {
        SectionFitter fitter = new SectionFitter(section, maxError);
        fitter.mergeAll();
        fitter.absorbAll();
        return fitter.pieces();
    }

    private Piece fit(int from, int to) {
        return CubicFit.fit(section, from, to, tangent(from), tangent(to));
    }

    private Point tangent(int i) {
        if (tangentAt[i] == null) {
            tangentAt[i] = section.tangent(i);
        }
        return tangentAt[i];
    }

    /** A possible merge of a piece with its right neighbour. */
    private record Merge(double cost, int left, int leftVersion, int rightVersion, Piece result) {}

    private void mergeAll() {
        PriorityQueue<Merge> queue = new PriorityQueue<>((a, b) -> Double.compare(a.cost, b.cost));
        for (int i = 0; i < start.length; i++) {
            offer(queue, i);
        }
        int left = start.length;
        int least = section.ring ? 2 : 1;
        while (!queue.isEmpty() && left > least) {
            Merge merge = queue.poll();
            int a = merge.left;
            int b = next[a];
            if (b < 0 || version[a] != merge.leftVersion || version[b] != merge.rightVersion) {
                continue;
            }
            end[a] = end[b];
            next[a] = next[b];
            if (next[b] >= 0) {
                previous[next[b]] = a;
            }
            piece[a] = merge.result;
            version[a]++;
            version[b] = -1;
            left--;
            offer(queue, a);
            if (previous[a] >= 0) {
                offer(queue, previous[a]);
            }
        }
    }

    private boolean isCloseEnough(FitError error) {
        return error.max() <= maxError
                && error.squares() <= error.count() * Math.pow(RMS_SHARE * maxError, 2);
    }

    /**
     * Merging from the bottom up leaves joints where they happened to be cut first. Every piece is
     * offered to its two neighbours: if some joint within it lets them cover it, it goes.
     */
    private void absorbAll() {
        boolean changed = true;
        for (int round = 0; changed && round < MOST_ROUNDS; round++) {
            changed = false;
            for (int a = 0; a >= 0; a = next[a]) {
                while (absorbNext(a)) {
                    changed = true;
                }
                changed |= shiftJoint(a);
            }
        }
    }

    /** Moves the joint after a to the place near by where both pieces fit best. */
    private boolean shiftJoint(int a) {
        int b = next[a];
        if (b < 0) {
            return false;
        }
        double least = piece[a].error().squares() + piece[b].error().squares();
        int from = end[a];
        for (int shift : SHIFTS) {
            int joint = from + shift;
            if (joint - start[a] < SHORTEST || end[b] - joint < SHORTEST) {
                continue;
            }
            Piece left = fit(start[a], joint);
            Piece right = fit(joint, end[b]);
            double cost = left.error().squares() + right.error().squares();
            if (cost < 0.9 * least && isCloseEnough(left.error()) && isCloseEnough(right.error())) {
                least = cost;
                piece[a] = left;
                piece[b] = right;
                end[a] = joint;
                start[b] = joint;
            }
        }
        return end[a] != from;
    }

    /** Shares the piece after a between a and the one after it. */
    private boolean absorbNext(int a) {
        int b = next[a];
        int c = b < 0 ? -1 : next[b];
        if (c < 0 || section.ring && a == 0 && next[c] < 0) {
            return false;
        }
        Piece bestLeft = null;
        Piece bestRight = null;
        int bestJoint = -1;
        double bestCost = Double.MAX_VALUE;
        for (int k = 0; k <= JOINTS; k++) {
            int joint = start[b] + (int) ((long) (end[b] - start[b]) * k / JOINTS);
            Piece left = joint == end[a] ? piece[a] : fit(start[a], joint);
            if (!isCloseEnough(left.error())) {
                continue;
            }
            Piece right = joint == start[c] ? piece[c] : fit(joint, end[c]);
            double cost = left.error().squares() + right.error().squares();
            if (isCloseEnough(right.error()) && cost < bestCost) {
                bestLeft = left;
                bestRight = right;
                bestJoint = joint;
                bestCost = cost;
            }
        }
        if (bestLeft == null) {
            return false;
        }
        piece[a] = bestLeft;
        end[a] = bestJoint;
        piece[c] = bestRight;
        start[c] = bestJoint;
        next[a] = c;
        previous[c] = a;
        return true;
    }

    private void offer(PriorityQueue<Merge> queue, int a) {
        int b = next[a];
        if (b < 0) {
            return;
        }
        Piece merged = fit(start[a], end[b]);
        FitError error = merged.error();
        if (!isCloseEnough(error)) {
            return;
        }
        double cost = error.squares() - piece[a].error().squares() - piece[b].error().squares();
        queue.add(new Merge(cost, a, version[a], version[b], merged));
    }

    private List<Piece> pieces() {
        List<Piece> result = new ArrayList<>();
        for (int i = 0; i >= 0; i = next[i]) {
            result.add(straightened(i));
        }
        return result;
    }

    private Piece straightened(int i) {
        Piece curve = piece[i];
        Point chord = curve.end().minus(curve.start());
        double length = chord.length();
        boolean betweenCorners = !section.ring && start[i] == 0 && end[i] == section.last();
        if (length == 0 || length < SHORT_PX && !betweenCorners) {
            return curve;
        }
        double sum = 0;
        double squares = 0;
        double max = 0;
        int worst = start[i];
        for (int k = start[i]; k <= end[i]; k++) {
            double d = Math.abs(section.at(k).minus(curve.start()).cross(chord)) / length;
            sum += d;
            squares += d * d;
            if (d > max) {
                max = d;
                worst = k;
            }
        }
        if (max > STRAIGHT_PX) {
            return curve;
        }
        FitError error = new FitError(sum, squares, max, section.at(worst), end[i] - start[i] + 1);
        return new Piece(
                curve.start(),
                curve.start().plus(chord.times(1 / 3.0)),
                curve.start().plus(chord.times(2 / 3.0)),
                curve.end(),
                true,
                error);
    }
}
