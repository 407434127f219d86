package neattrace.gang;

import java.io.IOException;

/** A sheet that cannot be read, in one plain sentence. */
public final class GangException extends IOException {

    private static final long serialVersionUID = 1;

    GangException(String message) {
        super(message);
    }

    GangException(String message, Throwable cause) {
        super(message, cause);
    }
}
