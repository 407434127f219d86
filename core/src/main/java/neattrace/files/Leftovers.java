package neattrace.files;

import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Half-written files that programs left behind when they were killed. */
public final class Leftovers {

    private static final Pattern PART = Pattern.compile("\\.neat-trace-(\\d+)-[0-9a-f-]+\\.part");

    private static final Duration HOUR = Duration.ofHours(1);

    private Leftovers() {}

    /** A name for a file that is being written; it tells whose it is. */
    static String partName() {
        return ".neat-trace-" + ProcessHandle.current().pid() + "-" + UUID.randomUUID() + ".part";
    }

    /** Removes those of a folder of this machine's own whose program no longer runs. */
    public static void clean(Path folder) {
        clean(folder, Duration.ZERO);
    }

    /**
     * Removes those of any folder that nobody has written to for an hour, and whose program does
     * not run here: on a share, another machine may be writing one.
     */
    static void cleanOld(Path folder) {
        if (Files.isDirectory(folder)) {
            clean(folder, HOUR);
        }
    }

    private static void clean(Path folder, Duration age) {
        Instant since = Instant.now().minus(age);
        try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, ".neat-trace-*.part")) {
            for (Path file : files) {
                Matcher part = PART.matcher(file.getFileName().toString());
                boolean left = part.matches() && !isAlive(part.group(1));
                if (left && !Files.getLastModifiedTime(file).toInstant().isAfter(since)) {
                    Files.deleteIfExists(file);
                }
            }
        } catch (IOException | RuntimeException e) {
            System.getLogger(Leftovers.class.getName())
                    .log(System.Logger.Level.INFO, "leftovers were not removed", e);
        }
    }

    private static boolean isAlive(String pid) {
        return ProcessHandle.of(Long.parseLong(pid)).filter(ProcessHandle::isAlive).isPresent();
    }
}
