package neattrace.goods.sheet;

import java.io.IOException;

/** A layout that cannot be read, in one plain sentence. */
public final class LayoutException extends IOException {

    private static final long serialVersionUID = 1;

    LayoutException(String message) {
        super(message);
    }

    LayoutException(String message, Throwable cause) {
        super(message, cause);
    }
}
