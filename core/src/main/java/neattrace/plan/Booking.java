package neattrace.plan;

import java.time.LocalDate;
import neattrace.job.log.WorkStage;

/**
 * Hours of a day for a stage of a job.
 *
 * @param task whose it is, by its id
 * @param job what that is called
 */
public record Booking(String task, String job, WorkStage stage, LocalDate day, double hours) {

    /** For a job that no other is called as. */
    public Booking(String job, WorkStage stage, LocalDate day, double hours) {
        this(job, job, stage, day, hours);
    }
}
