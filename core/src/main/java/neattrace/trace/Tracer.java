package neattrace.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import neattrace.array.LargestFirst;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.stage.Progress;
import neattrace.trace.contour.Contour;
import neattrace.trace.contour.ContourTracer;
import neattrace.trace.contour.CorridorSmoother;
import neattrace.trace.fit.FittedLoop;
import neattrace.trace.fit.LoopFitter;
import neattrace.trace.fit.LoopSplicer;
import org.locationtech.jts.geom.Envelope;

/**
 * Traces all ink of a map: sub-pixel contours, then curves with a bounded error. Paper is no
 * object: an outline is a piece of ink with its holes.
 */
public final class Tracer {

    /** The largest distance between curve and contour unless asked otherwise, px. */
    public static final double USUAL_ERROR_PX = 0.18;

    /** More pieces of ink and paper than this are noise, no drawing; nothing is traced of them. */
    public static final int MOST_PIECES = 150_000;

    /** Curves may keep this many standard deviations of the contours' own jitter. */
    private static final double OVER_NOISE = 3;

    /** A new piece may lie so far from its joints, px, and still be looked at for crossings. */
    private static final double REACH_PX = 64;

    private Tracer() {}

    /**
     * Traces.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Tracing trace(InkMap map, TraceSettings settings, Progress progress) {
        RunLabels ink = RunLabels.of(map, true, true);
        int pieces = pieces(map, ink);
        if (pieces > MOST_PIECES) {
            return Tracing.ofNoise(pieces, settings.maxErrorPx());
        }
        List<Contour> contours =
                ContourTracer.trace(map, ink, settings.oneBit(), progress.part(0, 0.3));
        double noise = settings.oneBit() ? 0 : ContourNoise.of(contours);
        double bound = Math.hypot(settings.maxErrorPx(), OVER_NOISE * noise);
        List<TracedLoop> loops = fit(map, contours, settings, bound, progress.part(0.3, 1));
        return assemble(Uncrossing.of(loops, map, settings.oneBit(), bound), bound);
    }

    /**
     * Traces ink that has changed in places only: contours that pass through none of them are kept
     * with their curves, of others all curves whose stretch of contour is the same.
     *
     * @param was the ink as it was, as large
     * @param before its tracing, with the same settings
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Tracing retrace(
            InkMap map, TraceSettings settings, InkMap was, Tracing before, Progress progress) {
        if (before.isNoise()) {
            return trace(map, settings, progress);
        }
        List<Contour> contours =
                ContourTracer.retrace(
                        map,
                        RunLabels.of(map, true, true),
                        settings.oneBit(),
                        was,
                        before.loops().stream().map(TracedLoop::contour).toList(),
                        progress.part(0, 0.8));
        Map<double[], TracedLoop> known = new IdentityHashMap<>();
        before.loops().forEach(loop -> known.put(loop.contour().xy(), loop));
        TracedLoop[] kept = new TracedLoop[contours.size()];
        List<Contour> changed = new ArrayList<>();
        for (int i = 0; i < kept.length; i++) {
            Contour contour = contours.get(i);
            TracedLoop same = known.remove(contour.xy());
            if (same == null) {
                changed.add(contour);
            } else {
                kept[i] = new TracedLoop(contour, same.fitted());
            }
        }
        List<TracedLoop> gone = List.copyOf(known.values());
        List<TracedLoop> fresh =
                settings.oneBit()
                        ? fit(map, changed, settings, before.boundPx(), progress.part(0.8, 1))
                        : splice(changed, gone, before.boundPx());
        int next = 0;
        for (int i = 0; i < kept.length; i++) {
            kept[i] = kept[i] == null ? fresh.get(next++) : kept[i];
        }
        Envelope part = changed(fresh, gone);
        List<TracedLoop> loops =
                Uncrossing.of(List.of(kept), part, map, settings.oneBit(), before.boundPx());
        return assemble(loops, before.boundPx());
    }

    /** Pieces of ink and of paper: there are as many outlines as that, but one. */
    private static int pieces(InkMap map, RunLabels ink) {
        return ink.count() + RunLabels.of(map, false, false).count();
    }

    /** Whether ink is in too many pieces, or has too many holes, to be a drawing. */
    public static boolean isNoise(InkMap map) {
        return pieces(map, RunLabels.of(map, true, true)) > MOST_PIECES;
    }

    /** The part of the sheet in which curves are not what they were. */
    private static Envelope changed(List<TracedLoop> fresh, List<TracedLoop> gone) {
        Set<Point> old = new HashSet<>();
        for (TracedLoop loop : gone) {
            for (int i = 0; i < loop.curve().size(); i++) {
                old.add(loop.curve().point(i));
            }
        }
        Envelope part = new Envelope();
        for (TracedLoop loop : fresh) {
            CubicLoop curve = loop.curve();
            for (int i = 0; i < curve.size(); i++) {
                if (!old.contains(curve.point(i)) || !old.contains(curve.point(i + 1))) {
                    part.expandToInclude(curve.point(i).x(), curve.point(i).y());
                    part.expandToInclude(curve.point(i + 1).x(), curve.point(i + 1).y());
                }
            }
        }
        // New pieces between old joints bulge no farther than edits are apart from them.
        part.expandBy(REACH_PX);
        return part;
    }

    private static List<TracedLoop> splice(
            List<Contour> changed, List<TracedLoop> gone, double bound) {
        LoopSplicer splicer =
                new LoopSplicer(
                        gone.stream().map(loop -> loop.contour().xy()).toList(),
                        gone.stream().map(TracedLoop::fitted).toList());
        return changed.parallelStream()
                .map(contour -> new TracedLoop(contour, splicer.fit(contour.xy(), bound)))
                .toList();
    }

    private static List<TracedLoop> fit(
            InkMap map,
            List<Contour> contours,
            TraceSettings settings,
            double bound,
            Progress progress) {
        List<double[]> smooth =
                settings.oneBit()
                        ? smooth(map, contours, progress)
                        : contours.stream().map(Contour::xy).toList();
        List<FittedLoop> loops = LoopFitter.fitAll(smooth, bound, progress);
        return IntStream.range(0, loops.size())
                .mapToObj(i -> new TracedLoop(contours.get(i), loops.get(i)))
                .toList();
    }

    private static List<double[]> smooth(InkMap map, List<Contour> contours, Progress progress) {
        double[][] smooth = new double[contours.size()][];
        LargestFirst.forEach(
                smooth.length,
                i -> contours.get(i).xy().length,
                i ->
                        smooth[i] =
                                CorridorSmoother.smooth(
                                        contours.get(i).xy(), map.width(), map.height(), progress));
        return List.of(smooth);
    }

    private static Tracing assemble(List<TracedLoop> loops, double bound) {
        int parts = loops.stream().mapToInt(loop -> loop.contour().part()).max().orElse(-1) + 1;
        CubicLoop[] outer = new CubicLoop[parts];
        List<List<CubicLoop>> holes = new ArrayList<>();
        for (int part = 0; part < parts; part++) {
            holes.add(new ArrayList<>());
        }
        double sum = 0;
        long samples = 0;
        List<Deviation> deviations = new ArrayList<>();
        for (TracedLoop loop : loops) {
            Contour contour = loop.contour();
            FittedLoop fit = loop.fitted();
            if (contour.hole()) {
                holes.get(contour.part()).add(fit.loop());
            } else {
                outer[contour.part()] = fit.loop();
            }
            sum += fit.meanDeviation() * fit.samples();
            samples += fit.samples();
            if (fit.worst() != null) {
                deviations.add(new Deviation(fit.worst(), fit.maxDeviation()));
            }
        }
        List<Outline> outlines = new ArrayList<>();
        for (int part = 0; part < parts; part++) {
            outlines.add(new Outline(outer[part], holes.get(part)));
        }
        deviations.sort(Comparator.comparingDouble(Deviation::distance).reversed());
        return new Tracing(
                outlines,
                samples == 0 ? 0 : sum / samples,
                deviations,
                bound,
                loops,
                outlines.size());
    }
}
