package neattrace.app.work;

import java.io.IOException;
import neattrace.stage.Progress;

/** Something that writes a file. */
@FunctionalInterface
public interface Writing {

    /**
     * Writes it; called off the JavaFX thread.
     *
     * @param progress told how far it is
     * @throws java.util.concurrent.CancellationException if {@code progress} says so; nothing is
     *     left of the file then
     */
    void write(Progress progress) throws IOException;
}
