package neattrace.cli;

import java.io.IOException;
import neattrace.job.pipeline.Traced;

/** There is nothing on a sheet that anything could be made of; nothing is written. */
final class EmptyDrawingException extends IOException {

    private static final long serialVersionUID = 1;

    EmptyDrawingException(String message) {
        super(message);
    }

    /**
     * Looks whether something was drawn.
     *
     * @param name of the drawing
     */
    static void check(String name, Traced drawing) throws EmptyDrawingException {
        if (drawing.emptiness().isPresent()) {
            throw new EmptyDrawingException(name + ": " + drawing.emptiness().get());
        }
    }
}
