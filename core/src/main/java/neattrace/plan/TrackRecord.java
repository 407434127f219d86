package neattrace.plan;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import neattrace.job.Job;
import neattrace.job.log.Estimate;
import neattrace.job.log.WorkStage;

/**
 * How right estimates were.
 *
 * @param stages that were estimated and then done
 * @param within of these, how many took as long as was said, from low to high
 * @param ratio hours taken for each that was thought likely, the median; 1 if nothing is known
 */
public record TrackRecord(int stages, int within, double ratio) {

    /** Nothing is known. */
    public static final TrackRecord NONE = new TrackRecord(0, 0, 1);

    /** In a person's words; empty if nothing is known. */
    public String words() {
        if (stages == 0) {
            return "";
        }
        String held = String.format(Locale.ROOT, "Of %d earlier estimates %d held", stages, within);
        double nearly = 0.05;
        return Math.abs(ratio - 1) < nearly
                ? held + "; work took as long as thought."
                : held
                        + String.format(
                                Locale.ROOT, "; work took %.1f times as long as thought.", ratio);
    }

    /** The record of jobs: their first estimates against what stages that are done took. */
    public static TrackRecord of(List<Job> jobs) {
        double[] ratios = new double[WorkStage.values().length * jobs.size()];
        int stages = 0;
        int within = 0;
        for (Job job : jobs) {
            Map<WorkStage, Double> done = PastWork.done(job);
            for (Estimate said : job.log().work().estimates()) {
                Double took = done.get(said.stage());
                if (took == null || said.likely() == 0 || stages == ratios.length) {
                    continue;
                }
                ratios[stages++] = took / said.likely();
                within += took >= said.low() && took <= said.high() ? 1 : 0;
            }
        }
        if (stages == 0) {
            return NONE;
        }
        double[] sorted = Arrays.copyOf(ratios, stages);
        Arrays.sort(sorted);
        double median = (sorted[(stages - 1) / 2] + sorted[stages / 2]) / 2;
        return new TrackRecord(stages, within, median);
    }
}
