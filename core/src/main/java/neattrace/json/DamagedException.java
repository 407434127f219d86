package neattrace.json;

import java.io.IOException;

/** JSON that is not what it should be; the message names the field, for the user. */
public final class DamagedException extends IOException {

    private static final long serialVersionUID = 1;

    /** With half a sentence for the user, such as what is missing. */
    public DamagedException(String message) {
        super(message);
    }
}
