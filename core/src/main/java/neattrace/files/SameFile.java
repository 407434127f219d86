package neattrace.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Whether two paths name one file, through links of every kind. */
public final class SameFile {

    private SameFile() {}

    /** Whether writing one would change the other; files that are not there yet included. */
    public static boolean of(Path a, Path b) {
        try {
            if (Files.exists(a) && Files.exists(b)) {
                return Files.isSameFile(a, b);
            }
        } catch (IOException e) {
            // What cannot be looked at is told by its name.
            return real(a).equals(real(b));
        }
        return real(a).equals(real(b));
    }

    /** As far as the way to it exists, without links. */
    static Path real(Path path) {
        Path absolute = path.toAbsolutePath().normalize();
        Path there = absolute;
        while (there != null && !Files.exists(there)) {
            there = there.getParent();
        }
        if (there == null) {
            return absolute;
        }
        try {
            return there.toRealPath().resolve(there.relativize(absolute)).normalize();
        } catch (IOException e) {
            return absolute;
        }
    }
}
