package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import neattrace.geom.CubicLoop;
import neattrace.geom.Point;
import org.locationtech.jts.algorithm.LineIntersector;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.noding.BasicSegmentString;
import org.locationtech.jts.noding.MCIndexNoder;
import org.locationtech.jts.noding.SegmentIntersector;
import org.locationtech.jts.noding.SegmentString;

/** Finds where loops cross. Time grows with the chords times their logarithm. */
public final class CrossingFinder {

    private static final double TOLERANCE = 0.005;
    private static final double FAR = 1e7;

    private CrossingFinder() {}

    /** A loop as chords, and which segment of the loop each chord is of. */
    private record Chords(int loop, int[] segment, boolean closed) {}

    /**
     * The segments that cross others of their own loop or of another one.
     *
     * @param loops in px
     * @return for each loop that crosses, the numbers of its segments that do
     */
    public static Map<Integer, BitSet> find(List<CubicLoop> loops) {
        return find(loops, new Envelope(-FAR, FAR, -FAR, FAR));
    }

    /** The same among the segments that reach into a part of the plane. */
    public static Map<Integer, BitSet> find(List<CubicLoop> loops, Envelope part) {
        List<SegmentString> strings = new ArrayList<>();
        for (int i = 0; i < loops.size(); i++) {
            double[] box = loops.get(i).bounds();
            if (part.intersects(new Envelope(box[0], box[2], box[1], box[3]))) {
                chords(i, loops.get(i), part, strings);
            }
        }
        Crossings crossings = new Crossings();
        MCIndexNoder noder = new MCIndexNoder();
        noder.setSegmentIntersector(crossings);
        noder.computeNodes(strings);
        return crossings.found;
    }

    /**
     * The segments near small loops that lie on the wrong side of others: a hole outside ink, a
     * piece of ink within other ink. Whoever made both of contours has let a curve pass over them.
     *
     * @param loops all loops of a tracing, ink to the right of each
     * @param part only loops here are looked at
     */
    public static Map<Integer, BitSet> findPassedOver(List<CubicLoop> loops, Envelope part) {
        return JumpFinder.find(loops, part);
    }

    /** Adds the loop's runs of segments that reach into the part, as chords. */
    private static void chords(
            int number, CubicLoop loop, Envelope part, List<SegmentString> strings) {
        int count = loop.size();
        int first = 0;
        while (first < count && reaches(loop, first, part)) {
            first++;
        }
        if (first == count) {
            strings.add(run(number, loop, 0, count));
            return;
        }
        // From a segment that stays outside on, so that no run is cut at the loop's start.
        for (int k = 1; k < count; ) {
            int length = 0;
            while (k + length < count && reaches(loop, (first + k + length) % count, part)) {
                length++;
            }
            if (length > 0) {
                strings.add(run(number, loop, (first + k) % count, length));
            }
            k += Math.max(1, length);
        }
    }

    static boolean reaches(CubicLoop loop, int i, Envelope part) {
        Envelope box = new Envelope();
        for (Point at :
                List.of(loop.point(i), loop.control(i, 0), loop.control(i, 1), loop.point(i + 1))) {
            box.expandToInclude(at.x(), at.y());
        }
        return part.intersects(box);
    }

    private static SegmentString run(int number, CubicLoop loop, int from, int length) {
        List<Coordinate> places = new ArrayList<>();
        List<Integer> segments = new ArrayList<>();
        for (int n = 0; n < length; n++) {
            int i = (from + n) % loop.size();
            int pieces = loop.pieces(i, TOLERANCE);
            for (int k = 0; k < pieces; k++) {
                Point at = loop.at(i, (double) k / pieces);
                places.add(new Coordinate(at.x(), at.y()));
                segments.add(i);
            }
        }
        Point end = loop.point(from + length);
        places.add(new Coordinate(end.x(), end.y()));
        int[] segment = segments.stream().mapToInt(Integer::intValue).toArray();
        boolean closed = length == loop.size();
        return new BasicSegmentString(
                places.toArray(Coordinate[]::new), new Chords(number, segment, closed));
    }

    private static final class Crossings implements SegmentIntersector {

        private final Map<Integer, BitSet> found = new TreeMap<>();
        private final LineIntersector intersector = new RobustLineIntersector();

        @Override
        public void processIntersections(SegmentString a, int i, SegmentString b, int k) {
            boolean closed = ((Chords) a.getData()).closed;
            if (a == b && areNeighbours(i, k, a.size() - 1, closed)) {
                return;
            }
            intersector.computeIntersection(
                    a.getCoordinate(i),
                    a.getCoordinate(i + 1),
                    b.getCoordinate(k),
                    b.getCoordinate(k + 1));
            if (intersector.hasIntersection()) {
                mark((Chords) a.getData(), i);
                mark((Chords) b.getData(), k);
            }
        }

        private static boolean areNeighbours(int i, int k, int count, boolean closed) {
            int apart = Math.abs(i - k);
            return apart <= 1 || closed && apart == count - 1;
        }

        private void mark(Chords chords, int chord) {
            found.computeIfAbsent(chords.loop, loop -> new BitSet()).set(chords.segment[chord]);
        }

        @Override
        public boolean isDone() {
            return false;
        }
    }
}
