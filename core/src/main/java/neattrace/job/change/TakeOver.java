package neattrace.job.change;

import java.util.Comparator;
import java.util.List;
import neattrace.job.Job;
import neattrace.job.log.Tools;

/** Settings that worked on another drawing, taken over by the paper and pen they were made for. */
public final class TakeOver {

    private TakeOver() {}

    /**
     * Jobs drawn on the same paper or with the same pen, those with both first; else in their
     * order.
     */
    public static List<Job> alike(Tools tools, List<Job> others) {
        return others.stream()
                .filter(other -> tools.alike(tools(other)) > 0)
                .sorted(
                        Comparator.comparingInt((Job other) -> tools.alike(tools(other)))
                                .reversed())
                .toList();
    }

    private static Tools tools(Job job) {
        return job.log().work().tools();
    }

    /**
     * A job with what paper and pen decide: how the scan becomes ink, how close curves keep, up to
     * which width gaps close. What belongs to one sheet or drawing alone stays as it is.
     */
    public static Job settings(Job job, Job from) {
        return job.withRecipe(job.recipe().withSettingsOf(from.recipe()))
                .withLine(job.line().withMaxErrorPx(from.line().maxErrorPx()))
                .withClose(job.close().withGapMm(from.close().gapMm()));
    }
}
