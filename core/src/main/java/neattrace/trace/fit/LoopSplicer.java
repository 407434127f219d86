package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import neattrace.geom.Point;

/**
 * Fits a contour of which only a part has changed: curves whose stretch of contour is still the
 * same, vertex by vertex, are kept, and only what lies between them is fitted, from joint to joint,
 * in the directions of the curves kept. Time grows with the contour's vertices plus the cost of
 * fitting what is new.
 */
public final class LoopSplicer {

    /** A curve is kept if the contour is the same so many vertices beyond its joints, too. */
    private static final int MARGIN = 6;

    /** Directions that differ by less are one, radians: the joint was smooth. */
    private static final double SMOOTH = 1e-3;

    /** No joint lies farther from its contour, px. */
    private static final double NEAR_PX = 2;

    /** Pieces may be longer or shorter than their contour, with its grain, by this share. */
    private static final double LONGER = 0.25;

    /** And by so much, px: corners go on to where their sides meet. */
    private static final double SLACK_PX = 6;

    private final List<double[]> contours;
    private final List<FittedLoop> loops;

    /** For each loop the vertex at which each of its pieces starts. */
    private final List<int[]> joints = new ArrayList<>();

    private final VertexIndex known;

    /**
     * A splicer.
     *
     * @param contours contours as they were: x and y of each vertex
     * @param loops what was fitted to each
     */
    public LoopSplicer(List<double[]> contours, List<FittedLoop> loops) {
        this.contours = contours;
        this.loops = loops;
        this.known = new VertexIndex(contours);
        for (int loop = 0; loop < contours.size(); loop++) {
            joints.add(jointsOf(loops.get(loop).pieces(), contours.get(loop)));
        }
    }

    /**
     * The vertex nearest to the start of each piece, looked for onward from the one before; -1 if
     * far.
     */
    private static int[] jointsOf(List<Piece> pieces, double[] xy) {
        int[] at = new int[pieces.size()];
        int n = xy.length / 2;
        int from = 0;
        int window = n;
        for (int k = 0; k < at.length; k++) {
            Piece piece = pieces.get(k);
            at[k] = nearest(piece.start(), xy, from, Math.min(n, window));
            from = at[k] < 0 ? from : at[k];
            double most =
                    piece.start().distance(piece.first())
                            + piece.first().distance(piece.second())
                            + piece.second().distance(piece.end());
            // Along a diagonal there are up to two vertices a pixel.
            window = (int) Math.ceil(2 * most) + 8;
        }
        return at;
    }

    private static int nearest(Point place, double[] xy, int from, int window) {
        int n = xy.length / 2;
        int best = -1;
        double least = NEAR_PX * NEAR_PX;
        for (int k = 0; k < window; k++) {
            int i = (from + k) % n;
            double dx = xy[2 * i] - place.x();
            double dy = xy[2 * i + 1] - place.y();
            double square = dx * dx + dy * dy;
            if (square < least) {
                least = square;
                best = i;
            }
        }
        return best;
    }

    /** Pieces of one old loop that stay, and the new contour's vertices at their two ends. */
    private record Kept(int loop, int first, int count, int fromVertex, int toVertex) {}

    /**
     * Fits a contour.
     *
     * @param contour x and y of each vertex
     * @param maxErrorPx the largest distance a sample may keep from the curve, above 0
     */
    public FittedLoop fit(double[] contour, double maxErrorPx) {
        List<Kept> kept = kept(contour);
        return kept.isEmpty()
                ? LoopFitter.fit(contour, maxErrorPx)
                : spliced(contour, kept, maxErrorPx);
    }

    private FittedLoop spliced(double[] contour, List<Kept> kept, double maxErrorPx) {
        if (!kept.stream().allMatch(run -> isAsLong(run, contour))) {
            return LoopFitter.fit(contour, maxErrorPx);
        }
        List<Piece> pieces = new ArrayList<>();
        for (int k = 0; k < kept.size(); k++) {
            Kept here = kept.get(k);
            Kept next = kept.get((k + 1) % kept.size());
            for (int i = 0; i < here.count; i++) {
                pieces.add(piece(here, i));
            }
            pieces.addAll(between(contour, here, next, maxErrorPx));
        }
        FittedLoop spliced = FittedLoop.of(pieces);
        return LoopFitter.isWhole(spliced.loop(), contour)
                ? spliced
                : LoopFitter.fit(contour, maxErrorPx);
    }

    /**
     * Fits some pieces of a loop anew, and their neighbours with them; all others stay.
     *
     * @param loop which of the loops given
     * @param segments the segments to fit
     * @param maxErrorPx the largest distance a sample may keep from the new curves, above 0
     */
    public FittedLoop refit(int loop, BitSet segments, double maxErrorPx) {
        double[] contour = contours.get(loop);
        int count = loops.get(loop).pieces().size();
        if (count == 0) {
            return loops.get(loop);
        }
        int[] at = joints.get(loop);
        BitSet again = new BitSet();
        for (int i = segments.nextSetBit(0); i >= 0; i = segments.nextSetBit(i + 1)) {
            again.set((i + count - 1) % count);
            again.set(i);
            again.set((i + 1) % count);
        }
        for (int i = 0; i < count; i++) {
            if (at[i] < 0) {
                // A joint that is not on the contour cannot be kept.
                again.set(i);
                again.set((i + count - 1) % count);
            }
        }
        List<Kept> kept = new ArrayList<>();
        int first = again.nextSetBit(0);
        for (int k = 1; first >= 0 && k < count; ) {
            int from = (first + k) % count;
            int run = 0;
            while (k + run < count && !again.get((from + run) % count)) {
                run++;
            }
            if (run > 0) {
                kept.add(new Kept(loop, from, run, at[from], at[(from + run) % count]));
            }
            k += Math.max(1, run);
        }
        return kept.isEmpty()
                ? LoopFitter.fit(contour, maxErrorPx)
                : spliced(contour, kept, maxErrorPx);
    }

    /**
     * Whether pieces that stay are about as long as the contour that they stand for. Where a
     * contour comes near itself a joint may have been taken for one on its other side; whatever
     * lies between would be lost.
     */
    private boolean isAsLong(Kept kept, double[] contour) {
        double pieces = 0;
        for (int i = 0; i < kept.count; i++) {
            Piece piece = piece(kept, i);
            double arms =
                    piece.start().distance(piece.first())
                            + piece.first().distance(piece.second())
                            + piece.second().distance(piece.end());
            pieces += (arms + piece.start().distance(piece.end())) / 2;
        }
        int n = contour.length / 2;
        double way = 0;
        for (int i = kept.fromVertex; i != kept.toVertex; i = (i + 1) % n) {
            int next = (i + 1) % n;
            double dx = contour[2 * next] - contour[2 * i];
            double dy = contour[2 * next + 1] - contour[2 * i + 1];
            way += Math.sqrt(dx * dx + dy * dy);
        }
        return Math.abs(pieces - way) <= LONGER * way + SLACK_PX;
    }

    private Piece piece(Kept kept, int i) {
        List<Piece> all = loops.get(kept.loop).pieces();
        return all.get(Math.floorMod(kept.first + i, all.size()));
    }

    /** The pieces that stay, in the contour's order. */
    private List<Kept> kept(double[] contour) {
        int n = contour.length / 2;
        int[] loop = new int[n];
        int[] vertex = new int[n];
        int unknown = -1;
        for (int i = 0; i < n; i++) {
            int place = known.find(contour[2 * i], contour[2 * i + 1]);
            loop[i] = place < 0 ? -1 : known.loop(place);
            vertex[i] = place < 0 ? -1 : known.vertex(place);
            unknown = place < 0 ? i : unknown;
        }
        List<Kept> kept = new ArrayList<>();
        if (unknown < 0) {
            return kept;
        }
        int from = 1;
        while (from < n) {
            int start = (unknown + from) % n;
            int length = 1;
            while (from + length < n && follows(loop, vertex, (start + length - 1) % n, n)) {
                length++;
            }
            if (loop[start] >= 0 && length > 2 * MARGIN) {
                keep(loop[start], vertex[start], start, length, n, kept);
            }
            from += length;
        }
        return kept;
    }

    /** Whether the vertex after {@code i} is the one that came next on the old contour, too. */
    private boolean follows(int[] loop, int[] vertex, int i, int n) {
        int next = (i + 1) % n;
        if (loop[i] < 0 || loop[next] != loop[i]) {
            return loop[i] < 0 && loop[next] < 0;
        }
        int old = contours.get(loop[i]).length / 2;
        return vertex[next] == (vertex[i] + 1) % old;
    }

    /** Adds the pieces of an old loop that lie well within a run of vertices. */
    private void keep(int loop, int oldStart, int newStart, int length, int n, List<Kept> kept) {
        int[] at = joints.get(loop);
        int old = contours.get(loop).length / 2;
        int pieces = at.length;
        int first = -1;
        int firstWay = Integer.MAX_VALUE;
        for (int k = 0; k < pieces; k++) {
            int way = Math.floorMod(at[k] - oldStart, old);
            if (at[k] >= 0 && way >= MARGIN && way < length - MARGIN && way < firstWay) {
                first = k;
                firstWay = way;
            }
        }
        if (first < 0) {
            return;
        }
        int count = 0;
        int way = firstWay;
        while (count < pieces - 1) {
            int next = at[(first + count + 1) % pieces];
            int nextWay = next < 0 ? -1 : Math.floorMod(next - oldStart, old);
            if (nextWay <= way || nextWay >= length - MARGIN) {
                break;
            }
            way = nextWay;
            count++;
        }
        if (count > 0) {
            kept.add(new Kept(loop, first, count, (newStart + firstWay) % n, (newStart + way) % n));
        }
    }

    private List<Piece> between(double[] contour, Kept here, Kept next, double maxErrorPx) {
        int n = contour.length / 2;
        Piece before = piece(here, here.count - 1);
        Piece onward = piece(here, here.count);
        Piece into = piece(next, -1);
        Piece after = piece(next, 0);
        int steps = Math.floorMod(next.fromVertex - here.toVertex, n);
        double[] xy = new double[2 * (Math.max(0, steps - 1) + 2)];
        int used = 0;
        xy[used++] = before.end().x();
        xy[used++] = before.end().y();
        for (int k = 1; k < steps; k++) {
            int i = (here.toVertex + k) % n;
            xy[used++] = contour[2 * i];
            xy[used++] = contour[2 * i + 1];
        }
        xy[used++] = after.start().x();
        xy[used] = after.start().y();
        double startAngle = joint(before.end().minus(before.second()), onward);
        double endAngle = joint(into.end().minus(into.second()), after);
        return PathFitter.pieces(xy, startAngle, endAngle, maxErrorPx);
    }

    /** The direction through a joint, radians; not a number if it is a corner. */
    private static double joint(Point in, Piece onward) {
        Point out = onward.first().minus(onward.start());
        if (in.length() == 0 || out.length() == 0) {
            return Double.NaN;
        }
        double turn = Math.atan2(in.cross(out), in.dot(out));
        return Math.abs(turn) < SMOOTH ? in.angle() : Double.NaN;
    }
}
