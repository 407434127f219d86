package neattrace.job.setting;

import java.util.List;
import neattrace.job.Job;
import neattrace.trace.LineLimits;
import neattrace.trace.WeightRecipe;

/** What can be set about lines, and what the goods hold of them. */
public final class LineSettings {

    private static final double LEAST_EVEN_MM = 0.05;

    public static final Quantity WEIGHT_EVEN =
            Quantity.of(
                            "weight-even-mm",
                            "Weight of all lines",
                            "mm",
                            LEAST_EVEN_MM,
                            WeightRecipe.MOST_MM,
                            0.05,
                            job -> job.line().weight().evenMm(),
                            (job, v) -> weight(job, job.line().weight().withEvenMm(v)))
                    .orAuto(0);

    /** How much bolder all lines are; thinner if negative. */
    public static final Quantity WEIGHT_ALL =
            Quantity.of(
                    "weight-all",
                    "Change of all lines",
                    "mm",
                    -WeightRecipe.MOST_MM,
                    WeightRecipe.MOST_MM,
                    0.05,
                    job -> job.line().weight().allMm(),
                    (job, v) -> weight(job, job.line().weight().withAllMm(v)));

    public static final Quantity WEIGHT_OUTSIDE =
            Quantity.of(
                    "weight-outside",
                    "Bolder outside",
                    "mm",
                    0,
                    WeightRecipe.MOST_MM,
                    0.1,
                    job -> job.line().weight().outsideMm(),
                    (job, v) -> weight(job, job.line().weight().withOutsideMm(v)));

    public static final Quantity TAPER =
            Quantity.of(
                    "weight-taper",
                    "Taper",
                    "%",
                    0,
                    100,
                    5,
                    job -> Math.round(job.line().weight().taperShare() * 100),
                    (job, v) -> weight(job, job.line().weight().withTaperShare(v / 100)));

    public static final Quantity LEAST_LINE =
            Quantity.of(
                    "limit-line",
                    "Thinnest line",
                    "mm",
                    0,
                    LineLimits.MOST_MM,
                    0.05,
                    job -> job.line().limits().leastLineMm(),
                    (job, v) -> limits(job, job.line().limits().withLeastLineMm(v)));

    public static final Quantity LEAST_GAP =
            Quantity.of(
                    "limit-gap",
                    "Narrowest gap",
                    "mm",
                    0,
                    LineLimits.MOST_MM,
                    0.05,
                    job -> job.line().limits().leastGapMm(),
                    (job, v) -> limits(job, job.line().limits().withLeastGapMm(v)));

    public static final Quantity VIEWING =
            Quantity.of(
                    "limit-viewing",
                    "Viewing distance",
                    "mm",
                    LineLimits.NEAREST_MM,
                    LineLimits.FARTHEST_MM,
                    100,
                    job -> job.line().limits().viewingMm(),
                    (job, v) -> limits(job, job.line().limits().withViewingMm(v)));

    /** All of them. */
    static final List<Setting> ALL =
            List.of(WEIGHT_EVEN, WEIGHT_ALL, WEIGHT_OUTSIDE, TAPER, LEAST_LINE, LEAST_GAP, VIEWING);

    private LineSettings() {}

    private static Job weight(Job job, WeightRecipe next) {
        return job.withLine(job.line().withWeight(next));
    }

    private static Job limits(Job job, LineLimits next) {
        return job.withLine(job.line().withLimits(next));
    }
}
