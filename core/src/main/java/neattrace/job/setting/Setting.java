package neattrace.job.setting;

import neattrace.job.Job;

/** Something that can be set in a job. */
public sealed interface Setting permits Quantity, Option {

    /**
     * What it is called on the command line and in the window's tests, such as {@code gap-width}.
     */
    String key();

    /** In a person's words. */
    String name();

    /** Its value in words that {@link #parsed} reads. */
    String text(Job job);

    /** What may be given for it, in a few words. */
    String range();

    /**
     * The job with another value.
     *
     * @throws IllegalArgumentException if the text is no such value; says what is
     */
    Job parsed(Job job, String text);
}
