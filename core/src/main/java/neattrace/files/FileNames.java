package neattrace.files;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Set;

/** Names for files that every usual system takes. */
public final class FileNames {

    /** What file systems take, in bytes, less room for an ending and a number. */
    private static final int MOST_BYTES = 200;

    /** Names of devices on Windows, with any ending (Microsoft, "Naming Files", from memory). */
    private static final Set<String> DEVICES = Set.of("con", "prn", "aux", "nul");

    private FileNames() {}

    /**
     * A name made from words: without what file systems forbid, never empty.
     *
     * @param words such as the title of a job
     */
    public static String proposed(String words) {
        String plain =
                words.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}\\uFFFE\\uFFFF]", "-")
                        .replaceAll("[. ]+$", "")
                        .strip();
        while (plain.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES) {
            plain = plain.substring(0, plain.offsetByCodePoints(plain.length(), -1));
        }
        String stem = plain.split("\\.", 2)[0].toLowerCase(Locale.ROOT);
        boolean device = DEVICES.contains(stem) || stem.matches("(com|lpt)[0-9]");
        return plain.isEmpty() ? "drawing" : device ? "_" + plain : plain;
    }

    /** One of several files beside one another: {@code out.svg} to {@code out-2.svg}. */
    public static Path numbered(Path file, int number) {
        String name = String.valueOf(file.getFileName());
        int dot = name.lastIndexOf('.');
        return file.resolveSibling(name.substring(0, dot) + "-" + number + name.substring(dot));
    }
}
