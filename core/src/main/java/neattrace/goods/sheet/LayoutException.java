package neattrace.goods.sheet;

import java.io.IOException;

/** A layout that cannot be read, in one plain sentence. */
public final class LayoutException extends IOException {

    private static final long serialVersionUID = 1;

    private final boolean newer;

    LayoutException(String message) {
        this(message, false);
    }

    LayoutException(String message, boolean newer) {
        super(message);
        this.newer = newer;
    }

    LayoutException(String message, Throwable cause) {
        super(message, cause);
        this.newer = false;
    }

    /** Whether the file is whole, and only too new for this program. */
    boolean isNewer() {
        return newer;
    }
}
