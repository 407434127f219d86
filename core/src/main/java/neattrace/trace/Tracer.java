package neattrace.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.progress.Progress;
import neattrace.raster.InkMap;
import neattrace.trace.contour.Contour;
import neattrace.trace.contour.ContourTracer;
import neattrace.trace.corridor.CorridorSmoother;
import neattrace.trace.fit.FittedLoop;
import neattrace.trace.fit.LoopFitter;

/**
 * Traces all ink of a map: sub-pixel contours, then curves with a bounded error. Paper is no
 * object: an outline is a piece of ink with its holes.
 */
public final class Tracer {

    /** The largest distance between curve and contour unless asked otherwise, px. */
    public static final double USUAL_ERROR_PX = 0.2;

    /** Curves may keep this many standard deviations of the contours' own jitter. */
    private static final double OVER_NOISE = 3;

    private Tracer() {}

    /**
     * Traces.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Tracing trace(InkMap map, TraceSettings settings, Progress progress) {
        List<Contour> contours = ContourTracer.trace(map, settings.oneBit(), progress.part(0, 0.3));
        double noise = settings.oneBit() ? 0 : ContourNoise.of(contours);
        double bound = Math.hypot(settings.maxErrorPx(), OVER_NOISE * noise);
        FittedLoop[] fitted = new FittedLoop[contours.size()];
        AtomicInteger done = new AtomicInteger();
        IntStream.range(0, fitted.length)
                .parallel()
                .forEach(
                        i -> {
                            double[] contour = contours.get(i).xy();
                            double[] smooth =
                                    settings.oneBit()
                                            ? CorridorSmoother.smooth(
                                                    contour, map.width(), map.height())
                                            : contour;
                            fitted[i] = LoopFitter.fit(smooth, bound);
                            double share = (double) done.incrementAndGet() / fitted.length;
                            progress.report("Drawing curves", 0.3 + 0.7 * share);
                        });
        return assemble(contours, fitted, bound);
    }

    private static Tracing assemble(List<Contour> contours, FittedLoop[] fitted, double bound) {
        int parts = contours.stream().mapToInt(Contour::part).max().orElse(-1) + 1;
        CubicLoop[] outer = new CubicLoop[parts];
        List<List<CubicLoop>> holes = new ArrayList<>();
        for (int part = 0; part < parts; part++) {
            holes.add(new ArrayList<>());
        }
        double sum = 0;
        long samples = 0;
        List<Deviation> deviations = new ArrayList<>();
        for (int i = 0; i < fitted.length; i++) {
            Contour contour = contours.get(i);
            FittedLoop fit = fitted[i];
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
        return new Tracing(outlines, samples == 0 ? 0 : sum / samples, deviations, bound);
    }
}
