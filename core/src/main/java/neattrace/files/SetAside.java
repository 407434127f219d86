package neattrace.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** Damaged files are kept, under another name, where nothing stumbles over them again. */
public final class SetAside {

    private SetAside() {}

    /**
     * Gives a file another ending; what was set aside before is not lost.
     *
     * @return its name now; empty if it could not be moved
     */
    public static Optional<Path> file(Path file) {
        Path other = file.resolveSibling(file.getFileName() + ".damaged");
        for (int k = 2; Files.exists(other); k++) {
            other = file.resolveSibling(file.getFileName() + "." + k + ".damaged");
        }
        try {
            return Optional.of(Files.move(file, other));
        } catch (IOException e) {
            System.getLogger(SetAside.class.getName())
                    .log(System.Logger.Level.WARNING, file + " could not be set aside", e);
            return Optional.empty();
        }
    }
}
