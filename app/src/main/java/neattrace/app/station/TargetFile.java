package neattrace.app.station;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.function.Predicate;
import neattrace.app.docket.Asker;
import neattrace.app.docket.Choice;

/**
 * The file that a person chose to write: what the system's window gives back, with the ending that
 * was left out, and asked about if that names a file the system's window knew nothing of.
 */
public final class TargetFile {

    private TargetFile() {}

    /**
     * Completes a choice.
     *
     * @param chosen what was chosen; null for nothing
     * @param ending the ending of what is written, with its dot
     * @param known tells of other endings that are meant as they stand
     * @param asker asks before a file is replaced that nobody was asked about
     * @param then called with the file, unless nothing is to be written
     */
    public static void complete(
            File chosen, String ending, Predicate<Path> known, Asker asker, Consumer<Path> then) {
        if (chosen == null) {
            return;
        }
        Path path = chosen.toPath();
        if (endsWith(path, ending) || known.test(path)) {
            then.accept(path);
            return;
        }
        Path ended = Path.of(chosen.getPath() + ending);
        if (!Files.exists(ended)) {
            then.accept(ended);
            return;
        }
        asker.ask(
                "“" + ended.getFileName() + "” is there already.",
                new Choice("Replace it", () -> then.accept(ended)),
                new Choice("Leave it", () -> {}));
    }

    private static boolean endsWith(Path path, String ending) {
        String name = path.getFileName().toString();
        return name.length() > ending.length()
                && name.regionMatches(
                        true, name.length() - ending.length(), ending, 0, ending.length());
    }
}
