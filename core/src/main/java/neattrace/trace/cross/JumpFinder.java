package neattrace.trace.cross;

import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
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

    /** Adds the segments near loops that lie on the wrong side of others. */
    static Map<Integer, BitSet> find(List<CubicLoop> loops, Envelope part) {
        Map<Integer, BitSet> found = new TreeMap<>();
        SortedPackedIntervalRTree rows = null;
        for (int i = 0; i < loops.size(); i++) {
            CubicLoop loop = loops.get(i);
            double[] box = loop.bounds();
            boolean small = box[2] - box[0] <= SMALL_PX && box[3] - box[1] <= SMALL_PX;
            Envelope place = new Envelope(box[0], box[2], box[1], box[3]);
            if (!small || !part.intersects(place)) {
                continue;
            }
            rows = rows == null ? rows(loops) : rows;
            if (isInside(loop.point(0), i, rows) != loop.signedArea() < 0) {
                place.expandBy(NEAR_PX);
                markNear(place, i, loops, found);
            }
        }
        return found;
    }

    /** One chord of a loop. */
    private record Chord(int loop, Coordinate from, Coordinate to) {}

    private static SortedPackedIntervalRTree rows(List<CubicLoop> loops) {
        SortedPackedIntervalRTree rows = new SortedPackedIntervalRTree();
        for (int i = 0; i < loops.size(); i++) {
            double[] xy = loops.get(i).flatten(TOLERANCE);
            for (int k = 0, n = xy.length; k < n; k += 2) {
                Coordinate from = new Coordinate(xy[k], xy[k + 1]);
                Coordinate to = new Coordinate(xy[(k + 2) % n], xy[(k + 3) % n]);
                rows.insert(Math.min(from.y, to.y), Math.max(from.y, to.y), new Chord(i, from, to));
            }
        }
        return rows;
    }

    /** Whether a place lies within ink as the other loops have it. */
    private static boolean isInside(Point at, int own, SortedPackedIntervalRTree rows) {
        RayCrossingCounter counter = new RayCrossingCounter(new Coordinate(at.x(), at.y()));
        rows.query(
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
            Envelope place, int own, List<CubicLoop> loops, Map<Integer, BitSet> found) {
        for (int i = 0; i < loops.size(); i++) {
            double[] box = loops.get(i).bounds();
            if (i == own || !place.intersects(new Envelope(box[0], box[2], box[1], box[3]))) {
                continue;
            }
            for (int k = 0; k < loops.get(i).size(); k++) {
                if (CrossingFinder.reaches(loops.get(i), k, place)) {
                    found.computeIfAbsent(i, loop -> new BitSet()).set(k);
                }
            }
        }
    }
}
