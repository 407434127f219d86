package neattrace.job.file;

import java.io.IOException;

/** A job file that cannot be read; the message says what is wrong and what to do. */
public final class JobFileException extends IOException {

    private static final long serialVersionUID = 1L;

    /** With a message fit for the user. */
    public JobFileException(String message) {
        super(message);
    }

    /** With a message fit for the user and the cause for the log. */
    public JobFileException(String message, Throwable cause) {
        super(message, cause);
    }
}
