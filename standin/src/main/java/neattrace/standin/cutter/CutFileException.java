package neattrace.standin.cutter;

import java.io.IOException;

/** A cut file that cannot be read, in one plain sentence. */
public final class CutFileException extends IOException {

    private static final long serialVersionUID = 1;

    CutFileException(String message) {
        super(message);
    }
}
