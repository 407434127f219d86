package neattrace.goods;

import java.io.IOException;

/** A file of goods that cannot be used; the message is meant for the user. */
public final class GoodsException extends IOException {

    private static final long serialVersionUID = 1;

    private final boolean newer;

    GoodsException(String message, boolean newer) {
        super(message);
        this.newer = newer;
    }

    GoodsException(String message, Throwable cause) {
        super(message, cause);
        this.newer = false;
    }

    /** Whether the file is whole, and only too new for this program. */
    boolean isNewer() {
        return newer;
    }
}
