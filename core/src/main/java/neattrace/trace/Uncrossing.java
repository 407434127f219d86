package neattrace.trace;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import neattrace.geom.CubicLoop;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.trace.contour.CorridorSmoother;
import neattrace.trace.fit.CrossingFinder;
import neattrace.trace.fit.FittedLoop;
import neattrace.trace.fit.LoopSplicer;
import org.locationtech.jts.geom.Envelope;

/**
 * Fits curves that cross or pass over one another more closely until none does. Contours never
 * cross, so curves that keep close enough to them cannot; what still does at an eighth of the bound
 * stays its contour's polygon.
 */
final class Uncrossing {

    /**
     * After so many rounds of fitting more closely what still crosses becomes its polygon. Loops of
     * few vertices do first: mostly it is a speck or a sliver that a long line cannot get clear of,
     * and a line of a thousand corners would be no line.
     */
    private static final int CLOSER = 3;

    private static final int LONGER = 3;
    private static final int SMALL = 80;

    /** Polygons may touch curves that crossed nothing before; each round leaves fewer curves. */
    private static final int ROUNDS = 12;

    private static final double BEYOND_PX = 16;

    private Uncrossing() {}

    /** Looks through all of them. */
    static List<TracedLoop> of(List<TracedLoop> loops, InkMap map, boolean oneBit, double bound) {
        Envelope all = new Envelope(0, map.width(), 0, map.height());
        // Curves along the sheet's border may swing out a little.
        all.expandBy(BEYOND_PX);
        return of(loops, all, map, oneBit, bound);
    }

    /** Looks through those that reach into a part of the sheet. */
    static List<TracedLoop> of(
            List<TracedLoop> loops, Envelope part, InkMap map, boolean oneBit, double bound) {
        List<TracedLoop> now = new ArrayList<>(loops);
        double closer = bound;
        for (int round = 0; round < ROUNDS; round++) {
            List<CubicLoop> curves = now.stream().map(TracedLoop::curve).toList();
            Map<Integer, BitSet> crossing = new TreeMap<>(CrossingFinder.find(curves, part));
            CrossingFinder.findPassedOver(curves, part)
                    .forEach((loop, segments) -> mark(crossing, loop, segments));
            if (crossing.isEmpty()) {
                break;
            }
            closer /= 2;
            for (Map.Entry<Integer, BitSet> entry : crossing.entrySet()) {
                TracedLoop loop = now.get(entry.getKey());
                double[] xy = loop.contour().xy();
                double[] contour =
                        oneBit
                                ? CorridorSmoother.smooth(
                                        xy, map.width(), map.height(), Progress.SILENT)
                                : xy;
                FittedLoop fitted =
                        round < patience(contour)
                                ? new LoopSplicer(List.of(contour), List.of(loop.fitted()))
                                        .refit(0, entry.getValue(), closer)
                                : FittedLoop.polygon(contour);
                now.set(entry.getKey(), new TracedLoop(loop.contour(), fitted));
            }
        }
        return now;
    }

    /** In how many rounds a loop is fitted more closely before it becomes its polygon. */
    private static int patience(double[] contour) {
        return contour.length / 2 <= SMALL ? CLOSER : CLOSER + LONGER;
    }

    private static void mark(Map<Integer, BitSet> all, int loop, BitSet segments) {
        all.computeIfAbsent(loop, i -> new BitSet()).or(segments);
    }
}
