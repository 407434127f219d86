package neattrace.trace.fit;

import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import neattrace.geom.CubicLoop;
import neattrace.geom.Point;
import org.locationtech.jts.algorithm.RayCrossingCounter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.intervalrtree.SortedPackedIntervalRTree;

/**
 * Finds loops so small that another curve has passed over them without touching them: a pinhole
 * that has come to lie beyond the edge of its ink, a speck within other ink.
 */
final class JumpFinder {

    /** Larger loops cannot be passed over by curves that keep close, px. */
    private static final double SMALL_PX = 3;

    /** The curve that passed over a loop is as near as this, px. */
    private static final double NEAR_PX = 3;

    private static final double TOLERANCE = 0.05;

    private JumpFinder() {}

    /** The segments near small loops that lie on the wrong side of others. */
    static Map<Integer, BitSet> find(List<CubicLoop> loops, Envelope part) {
        Map<Integer, BitSet> found = new TreeMap<>();
        List<Envelope> boxes = loops.stream().map(JumpFinder::box).toList();
        List<Integer> small =
                IntStream.range(0, loops.size())
                        .filter(i -> isSmall(boxes.get(i)) && part.intersects(boxes.get(i)))
                        .boxed()
                        .toList();
        if (small.isEmpty()) {
            return found;
        }
        Envelope rows = new Envelope();
        small.forEach(i -> rows.expandToInclude(boxes.get(i)));
        SortedPackedIntervalRTree chords = chords(loops, boxes, rows);
        for (int i : small) {
            if (isInside(loops.get(i).point(0), i, chords) != loops.get(i).signedArea() < 0) {
                Envelope near = boxes.get(i).copy();
                near.expandBy(NEAR_PX);
                markNear(near, i, loops, boxes, found);
            }
        }
        return found;
    }

    private static Envelope box(CubicLoop loop) {
        double[] box = loop.bounds();
        return new Envelope(box[0], box[2], box[1], box[3]);
    }

    private static boolean isSmall(Envelope box) {
        return box.getWidth() <= SMALL_PX && box.getHeight() <= SMALL_PX;
    }

    /** One chord of a loop. */
    private record Chord(int loop, Coordinate from, Coordinate to) {}

    /** All chords that cross the rows of {@code wanted}, by rows. */
    private static SortedPackedIntervalRTree chords(
            List<CubicLoop> loops, List<Envelope> boxes, Envelope wanted) {
        SortedPackedIntervalRTree chords = new SortedPackedIntervalRTree();
        for (int i = 0; i < loops.size(); i++) {
            if (crosses(boxes.get(i).getMinY(), boxes.get(i).getMaxY(), wanted)) {
                double[] xy = loops.get(i).flatten(TOLERANCE);
                for (int k = 0, n = xy.length; k < n; k += 2) {
                    Coordinate from = new Coordinate(xy[k], xy[k + 1]);
                    Coordinate to = new Coordinate(xy[(k + 2) % n], xy[(k + 3) % n]);
                    double low = Math.min(from.y, to.y);
                    double high = Math.max(from.y, to.y);
                    if (crosses(low, high, wanted)) {
                        chords.insert(low, high, new Chord(i, from, to));
                    }
                }
            }
        }
        return chords;
    }

    private static boolean crosses(double low, double high, Envelope rows) {
        return low <= rows.getMaxY() && high >= rows.getMinY();
    }

    /** Whether a place lies within ink as the other loops have it. */
    private static boolean isInside(Point at, int own, SortedPackedIntervalRTree chords) {
        RayCrossingCounter counter = new RayCrossingCounter(new Coordinate(at.x(), at.y()));
        chords.query(
                at.y(),
                at.y(),
                item -> {
                    Chord chord = (Chord) item;
                    if (chord.loop != own) {
                        counter.countSegment(chord.from, chord.to);
                    }
                });
        return counter.isPointInPolygon();
    }

    private static void markNear(
            Envelope near,
            int own,
            List<CubicLoop> loops,
            List<Envelope> boxes,
            Map<Integer, BitSet> found) {
        for (int i = 0; i < loops.size(); i++) {
            if (i == own || !near.intersects(boxes.get(i))) {
                continue;
            }
            for (int k = 0; k < loops.get(i).size(); k++) {
                if (CrossingFinder.reaches(loops.get(i), k, near)) {
                    found.computeIfAbsent(i, loop -> new BitSet()).set(k);
                }
            }
        }
    }
}
