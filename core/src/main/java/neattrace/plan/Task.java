package neattrace.plan;

import java.time.LocalDate;
import java.util.List;
import neattrace.job.BriefSection;
import neattrace.job.log.Estimate;

/**
 * A job to be planned.
 *
 * @param id what tells it from all others, the same whenever it is planned
 * @param job what it is called
 * @param due the day promised
 * @param announceDays how many days before it is announced, ready by then
 * @param left hours still needed, stage by stage in their order
 */
public record Task(String id, String job, LocalDate due, int announceDays, List<Estimate> left) {

    /** A job that no other is called as. */
    public Task(String job, LocalDate due, int announceDays, List<Estimate> left) {
        this(job, job, due, announceDays, left);
    }

    public Task {
        left = List.copyOf(left);
        if (announceDays < 0 || announceDays > BriefSection.MOST_ANNOUNCE_DAYS) {
            throw new IllegalArgumentException("a thing is announced 0 to 365 days before");
        }
    }

    /** The same under another id. */
    public Task withId(String value) {
        return new Task(value, job, due, announceDays, left);
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
