package neattrace.flat.exchange;

import java.io.IOException;

/** A palette file that cannot be read; the message says what is wrong. */
public final class PaletteException extends IOException {

    private static final long serialVersionUID = 1L;

    PaletteException(String message) {
        super(message);
    }

    PaletteException(String message, Throwable cause) {
        super(message, cause);
    }
}
