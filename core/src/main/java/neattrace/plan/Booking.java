package neattrace.plan;

import java.time.LocalDate;
import neattrace.job.log.WorkStage;

/** Hours of a day for a stage of a job. */
public record Booking(String job, WorkStage stage, LocalDate day, double hours) {}
