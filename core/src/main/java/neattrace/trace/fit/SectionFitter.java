package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.Arrays;
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

    /** How often all pieces are gone through for better joints. */
    private static final int MOST_ROUNDS = 4;

    /** How far a joint is moved at first, samples; then half as far, and half again. */
    private static final int LONGEST_SHIFT = 4;

    private static final int SHORTEST = 3;

    /** Joints whose pieces keep this close in the root mean square stay where they are, px. */
    private static final double CLOSE_ENOUGH_PX = 0.04;

    /** A joint moves only if the sum of squares falls to this share. */
    private static final double WORTH_IT = 0.9;

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
            piece[i] = fit(start[i], end[i], Double.POSITIVE_INFINITY);
        }
    }

    static List<Piece> fit(Section section, double maxError) {
        SectionFitter fitter = new SectionFitter(section, maxError);
        fitter.mergeAll();
        fitter.absorbAll();
        return fitter.pieces();
    }

    private Piece fit(int from, int to, double bound) {
        return CubicFit.fit(section, from, to, tangent(from), tangent(to), bound);
    }

    /** The cubic for a stretch, or null if none keeps close enough. */
    private Piece closeFit(int from, int to) {
        Piece fitted = fit(from, to, maxError);
        return fitted == null || !isSmooth(fitted.error()) ? null : fitted;
    }

    /** No long stretch may use up the largest error allowed all along. */
    private boolean isSmooth(FitError error) {
        return error.squares() <= error.count() * RMS_SHARE * RMS_SHARE * maxError * maxError;
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

    /**
     * Merging from the bottom up leaves joints where they happened to be cut first. Every piece is
     * offered to its two neighbours: if some joint within it lets them cover it, it goes. Then each
     * joint moves to where both its pieces fit best. Only what changed is looked at again.
     */
    private void absorbAll() {
        boolean[] changed = new boolean[start.length];
        Arrays.fill(changed, true);
        boolean again = true;
        for (int round = 0; again && round < MOST_ROUNDS; round++) {
            again = false;
            boolean[] before = changed;
            changed = new boolean[start.length];
            for (int a = 0; a >= 0; a = next[a]) {
                if (!isNear(a, before) && !isNear(a, changed)) {
                    continue;
                }
                boolean moved = false;
                while (absorbNext(a)) {
                    moved = true;
                }
                moved |= shiftJoint(a);
                if (moved) {
                    changed[a] = true;
                    again = true;
                }
            }
        }
    }

    /** Whether a piece or one of the two after it is marked. */
    private boolean isNear(int a, boolean[] marked) {
        int b = next[a];
        int c = b < 0 ? -1 : next[b];
        return marked[a] || b >= 0 && marked[b] || c >= 0 && marked[c];
    }

    /** Moves the joint after a to a place near by where both pieces fit better. */
    private boolean shiftJoint(int a) {
        int b = next[a];
        if (b < 0) {
            return false;
        }
        FitError left = piece[a].error();
        FitError right = piece[b].error();
        double mean = (left.squares() + right.squares()) / (left.count() + right.count());
        if (mean < CLOSE_ENOUGH_PX * CLOSE_ENOUGH_PX) {
            return false;
        }
        int from = end[a];
        for (int shift = LONGEST_SHIFT; shift >= 1; shift /= 2) {
            if (!tryJoint(a, b, end[a] + shift)) {
                tryJoint(a, b, end[a] - shift);
            }
        }
        return end[a] != from;
    }

    private boolean tryJoint(int a, int b, int joint) {
        if (joint - start[a] < SHORTEST || end[b] - joint < SHORTEST) {
            return false;
        }
        double least = piece[a].error().squares() + piece[b].error().squares();
        Piece left = closeFit(start[a], joint);
        if (left == null || left.error().squares() >= WORTH_IT * least) {
            return false;
        }
        Piece right = closeFit(joint, end[b]);
        if (right == null || left.error().squares() + right.error().squares() >= WORTH_IT * least) {
            return false;
        }
        piece[a] = left;
        piece[b] = right;
        end[a] = joint;
        start[b] = joint;
        return true;
    }

    /**
     * Shares the piece after a between a and the one after it. The farther a reaches, the worse it
     * fits, so its farthest reach is found by halving; what is left must do for the other.
     */
    private boolean absorbNext(int a) {
        int b = next[a];
        int c = b < 0 ? -1 : next[b];
        if (c < 0 || section.ring && a == 0 && next[c] < 0) {
            return false;
        }
        Piece left = piece[a];
        int joint = end[a];
        int tooFar = end[b];
        while (tooFar - joint > 1) {
            int middle = (joint + tooFar) / 2;
            Piece tried = closeFit(start[a], middle);
            if (tried != null) {
                left = tried;
                joint = middle;
            } else {
                tooFar = middle;
            }
        }
        Piece right = closeFit(joint, end[c]);
        if (right == null) {
            return false;
        }
        piece[a] = left;
        end[a] = joint;
        piece[c] = right;
        start[c] = joint;
        next[a] = c;
        previous[c] = a;
        return true;
    }

    private void offer(PriorityQueue<Merge> queue, int a) {
        int b = next[a];
        if (b < 0) {
            return;
        }
        Piece merged = closeFit(start[a], end[b]);
        if (merged == null) {
            return;
        }
        double cost =
                merged.error().squares() - piece[a].error().squares() - piece[b].error().squares();
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
