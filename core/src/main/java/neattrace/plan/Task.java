package neattrace.plan;

import java.time.LocalDate;
import java.util.List;
import neattrace.job.BriefSection;
import neattrace.job.log.Estimate;

/**
 * A job to be planned.
 *
 * @param job what it is called
 * @param due the day promised
 * @param announceDays how many days before it is announced, ready by then
 * @param left hours still needed, stage by stage in their order
 */
public record Task(String job, LocalDate due, int announceDays, List<Estimate> left) {

    public Task {
        left = List.copyOf(left);
        if (announceDays < 0 || announceDays > BriefSection.MOST_ANNOUNCE_DAYS) {
            throw new IllegalArgumentException("a thing is announced 0 to 365 days before");
        }
    }

    /** The last day of work: the day before it is announced, or before it is due. */
    public LocalDate lastDay() {
        return due.minusDays(announceDays + 1L);
    }

    /** Hours that it likely takes. */
    public double likely() {
        return left.stream().mapToDouble(Estimate::likely).sum();
    }
}
