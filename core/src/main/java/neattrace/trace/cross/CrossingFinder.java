package neattrace.trace.cross;

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
import org.locationtech.jts.noding.BasicSegmentString;
import org.locationtech.jts.noding.MCIndexNoder;
import org.locationtech.jts.noding.SegmentIntersector;
import org.locationtech.jts.noding.SegmentString;

/** Finds where loops cross. Time grows with the chords times their logarithm. */
public final class CrossingFinder {

    private static final double TOLERANCE = 0.005;

    private CrossingFinder() {}

    /** A loop as chords, and which segment of the loop each chord is of. */
    private record Chords(int loop, int[] segment) {}

    /**
     * The segments that cross others of their own loop or of another one.
     *
     * @param loops in px
     * @return for each loop that crosses, the numbers of its segments that do
     */
    public static Map<Integer, BitSet> find(List<CubicLoop> loops) {
        List<SegmentString> strings = new ArrayList<>();
        for (int i = 0; i < loops.size(); i++) {
            strings.add(chords(i, loops.get(i)));
        }
        Crossings crossings = new Crossings();
        MCIndexNoder noder = new MCIndexNoder();
        noder.setSegmentIntersector(crossings);
        noder.computeNodes(strings);
        return crossings.found;
    }

    private static SegmentString chords(int number, CubicLoop loop) {
        List<Coordinate> places = new ArrayList<>();
        List<Integer> segments = new ArrayList<>();
        for (int i = 0; i < loop.size(); i++) {
            int pieces = loop.pieces(i, TOLERANCE);
            for (int k = 0; k < pieces; k++) {
                Point at = loop.at(i, (double) k / pieces);
                places.add(new Coordinate(at.x(), at.y()));
                segments.add(i);
            }
        }
        places.add(places.get(0).copy());
        int[] segment = segments.stream().mapToInt(Integer::intValue).toArray();
        return new BasicSegmentString(
                places.toArray(Coordinate[]::new), new Chords(number, segment));
    }

    private static final class Crossings implements SegmentIntersector {

        private final Map<Integer, BitSet> found = new TreeMap<>();
        private final LineIntersector intersector = new RobustLineIntersector();

        @Override
        public void processIntersections(SegmentString a, int i, SegmentString b, int k) {
            if (a == b && areNeighbours(i, k, a.size() - 1)) {
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

        private static boolean areNeighbours(int i, int k, int count) {
            int apart = Math.abs(i - k);
            return apart <= 1 || apart == count - 1;
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
