package neattrace.app.work;

import neattrace.job.Job;

/**
 * A job that is to be saved.
 *
 * @param of its opening
 * @param job as it stood when that was asked
 * @param shown its picture then
 */
public record Asked(Sitting of, Job job, Shown shown) {}
