package neattrace.job.setting;

import java.util.List;
import neattrace.job.Job;
import neattrace.trace.WeightRecipe;

/** What can be set about lines. */
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

    /** All of them. */
    static final List<Setting> ALL = List.of(WEIGHT_EVEN, WEIGHT_ALL, WEIGHT_OUTSIDE, TAPER);

    private LineSettings() {}

    private static Job weight(Job job, WeightRecipe next) {
        return job.withLine(job.line().withWeight(next));
    }
}
