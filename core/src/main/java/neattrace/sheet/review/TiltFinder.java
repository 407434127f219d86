package neattrace.sheet.review;

import java.util.Arrays;
import java.util.stream.IntStream;
import neattrace.raster.InkMap;

/** Measures the tilt of a sheet from what is drawn on it. */
public final class TiltFinder {

    /** Larger tilts are no slip of the hand, degrees. */
    private static final double MOST_DEGREES = 8;

    private static final double COARSE_STEP = 0.1;
    private static final double COARSE_BIN = 2;

    /** A profile this many times as peaky as the usual one leaves no doubt. */
    private static final double CLEAR = 4;

    private TiltFinder() {}

    /** The tilt; {@link Tilt#NONE} if there is hardly any ink. */
    public static Tilt find(InkMap map) {
        EdgePoints level = EdgePoints.of(map, false);
        EdgePoints upright = EdgePoints.of(map, true);
        if (level.count() + upright.count() < 200) {
            return Tilt.NONE;
        }
        double levelReach = level.reach();
        double uprightReach = upright.reach();
        int steps = (int) Math.rint(MOST_DEGREES / COARSE_STEP);
        double[] energy = new double[2 * steps + 1];
        IntStream.rangeClosed(-steps, steps)
                .parallel()
                .forEach(
                        k -> {
                            double slope = Math.tan(Math.toRadians(k * COARSE_STEP));
                            energy[k + steps] =
                                    energy(level.profile(slope, COARSE_BIN, levelReach))
                                            // Upright lines lean to the left as level ones sink.
                                            + energy(
                                                    upright.profile(
                                                            -slope, COARSE_BIN, uprightReach));
                        });
        int best = 0;
        for (int k = 1; k < energy.length; k++) {
            best = energy[k] > energy[best] ? k : best;
        }
        double[] sorted = energy.clone();
        Arrays.sort(sorted);
        double peak = energy[best] / Math.max(1, sorted[sorted.length / 2]);
        double confidence = Math.max(0, Math.min(1, (peak - 1) / (CLEAR - 1)));
        double slope = Math.tan(Math.toRadians((best - steps) * COARSE_STEP));
        for (double bin = COARSE_BIN; bin >= 0.5; bin /= 2) {
            slope = refined(level, upright, slope, bin, levelReach, uprightReach);
        }
        return new Tilt(Math.toDegrees(Math.atan(slope)), confidence);
    }

    private static double energy(int[] profile) {
        double sum = 0;
        for (int count : profile) {
            sum += (double) count * count;
        }
        return sum;
    }

    private static double refined(
            EdgePoints level,
            EdgePoints upright,
            double slope,
            double bin,
            double levelReach,
            double uprightReach) {
        int[] rows = level.profile(slope, bin, levelReach);
        int[] columns = upright.profile(-slope, bin, uprightReach);
        int strongest = Math.max(1, Math.max(max(rows), max(columns)));
        int least = Math.max(3, strongest / 3);
        double[] a = level.refine(slope, rows, bin, levelReach, least);
        double[] b = upright.refine(-slope, columns, bin, uprightReach, least);
        double weight = a[0] + b[0];
        return weight == 0 ? slope : slope + (a[1] - b[1]) / weight;
    }

    private static int max(int[] values) {
        return Arrays.stream(values).max().orElse(0);
    }
}
