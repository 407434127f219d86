package neattrace.press;

import java.io.IOException;

/** A file that is no press profile, in words fit for the user. */
public final class ProfileException extends IOException {

    private static final long serialVersionUID = 1L;

    public ProfileException(String message) {
        super(message);
    }

    public ProfileException(String message, Throwable cause) {
        super(message, cause);
    }
}
