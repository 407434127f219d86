package neattrace.raster.reading;

import java.io.IOException;

/** A picture that cannot be read; the message says what is wrong and what to do. */
public final class PictureException extends IOException {

    private static final long serialVersionUID = 1L;

    /** With a message fit for the user. */
    public PictureException(String message) {
        super(message);
    }

    /** With a message fit for the user and the cause for the log. */
    public PictureException(String message, Throwable cause) {
        super(message, cause);
    }
}
