package neattrace.app.work;

import java.io.IOException;

/** Something that writes a file. */
@FunctionalInterface
public interface Writing {

    /** Writes it; called off the JavaFX thread. */
    void write() throws IOException;
}
