package neattrace.trace.fit;

import java.util.Arrays;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import neattrace.array.LargestFirst;
import neattrace.geom.CubicLoop;
import neattrace.stage.Progress;

/**
 * Fits one closed contour with cubic curves. Time grows with the contour's length times the log of
 * the number of pieces.
 */
public final class LoopFitter {

    /** Distance of samples along the contour, px. */
    static final double STEP_PX = 0.5;

    /** A loop that encloses less than this share of its contour has collapsed. */
    private static final double LEAST_SHARE = 0.5;

    private LoopFitter() {}

    /**
     * Fits a contour.
     *
     * @param contour x and y of each vertex in source pixels, the first not repeated; at least
     *     three vertices
     * @param maxErrorPx the largest distance a sample may keep from the curve, above 0
     */
    public static FittedLoop fit(double[] contour, double maxErrorPx) {
        return fitAll(List.of(contour), maxErrorPx, Progress.SILENT).get(0);
    }

    /**
     * Fits many contours on all processors; long ones in parts.
     *
     * @return the loops, in the order of their contours
     */
    public static List<FittedLoop> fitAll(
            List<double[]> contours, double maxErrorPx, Progress progress) {
        LoopPlan[] plans = new LoopPlan[contours.size()];
        LargestFirst.forEach(
                plans.length,
                i -> contours.get(i).length,
                i -> {
                    progress.report("Looking for corners", 0);
                    plans[i] = LoopPlan.of(contours.get(i), maxErrorPx);
                });
        int parts = 0;
        for (LoopPlan plan : plans) {
            parts += plan.size();
        }
        LoopPlan[] planOf = new LoopPlan[parts];
        int[] partOf = new int[parts];
        int at = 0;
        for (LoopPlan plan : plans) {
            for (int part = 0; part < plan.size(); part++) {
                planOf[at] = plan;
                partOf[at++] = part;
            }
        }
        AtomicInteger done = new AtomicInteger();
        LargestFirst.forEach(
                parts,
                i -> planOf[i].samples(partOf[i]),
                i -> {
                    planOf[i].fit(partOf[i]);
                    progress.report(
                            "Drawing curves", (double) done.incrementAndGet() / partOf.length);
                });
        return Arrays.stream(plans).parallel().map(LoopPlan::loop).toList();
    }

    /** Whether a loop encloses about what its contour does, the same way round. */
    static boolean isWhole(CubicLoop loop, double[] contour) {
        double twice = 0;
        for (int i = 0, n = contour.length; i < n; i += 2) {
            twice += contour[i] * contour[(i + 3) % n] - contour[(i + 2) % n] * contour[i + 1];
        }
        double share = loop.signedArea() * 2 / twice;
        return share > LEAST_SHARE && share < 1 / LEAST_SHARE;
    }
}
