package neattrace.plan;

import java.util.Arrays;
import java.util.List;
import neattrace.job.log.Drivers;
import neattrace.job.log.Estimate;
import neattrace.job.log.WorkStage;

/**
 * Estimates hours. Without earlier work by usual figures (common practice, no source: a drawing
 * takes half a day to a day to ink); with it by how earlier work of the same person compared to
 * those, which is the view from outside (D. Kahneman and A. Tversky, "Intuitive prediction", 1979).
 * Ratios are held to be log-normal; the usual figures count as one earlier work.
 */
public final class Estimator {

    /** Spread of the logarithm of a ratio as long as nothing is known. */
    private static final double PRIOR_SPREAD = 0.4;

    /** Nine of ten lie below the mean and so many spreads (standard normal distribution). */
    private static final double NINE_OF_TEN = 1.2816;

    private static final double MM_PER_M = 1000;

    private Estimator() {}

    /** Hours for all stages, in their order. */
    public static List<Estimate> estimate(Drivers drivers, List<PastWork> past) {
        return Arrays.stream(WorkStage.values())
                .map(stage -> estimate(stage, drivers, past))
                .toList();
    }

    private static Estimate estimate(WorkStage stage, Drivers drivers, List<PastWork> past) {
        double[] logs =
                past.stream()
                        .filter(one -> one.hours().getOrDefault(stage, 0.0) > 0)
                        .filter(one -> usual(stage, one.drivers()) > 0)
                        .mapToDouble(
                                one ->
                                        Math.log(
                                                one.hours().get(stage)
                                                        / usual(stage, one.drivers())))
                        .toArray();
        double mean = Arrays.stream(logs).sum() / (logs.length + 1);
        double squares = PRIOR_SPREAD * PRIOR_SPREAD + mean * mean;
        for (double log : logs) {
            squares += (log - mean) * (log - mean);
        }
        double spread = Math.sqrt(squares / (logs.length + 1));
        double usual = usual(stage, drivers);
        return new Estimate(
                stage,
                usual * Math.exp(mean - NINE_OF_TEN * spread),
                usual * Math.exp(mean),
                usual * Math.exp(mean + NINE_OF_TEN * spread));
    }

    /** Usual hours. */
    static double usual(WorkStage stage, Drivers on) {
        double m = on.lineMm() / MM_PER_M;
        return switch (stage) {
            case ROUGH -> 1.5;
            case CLEAN_ROUGH -> 0.75 + 0.15 * m;
            case INKS -> 1 + 0.6 * m;
            case SCAN -> 0.25;
            case LINES -> 0.4 + 0.001 * on.areas();
            case COLOUR -> on.colouredGoods() == 0 ? 0 : 0.3 + 0.01 * on.areas();
            case PROOF -> 0.5 * on.goods();
            case MAKE -> 0.75 * on.goods() + 0.5 * on.inks();
        };
    }
}
