package neattrace.job.file;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import neattrace.files.AtomicFile;
import neattrace.files.Leftovers;
import neattrace.files.UserFolder;
import neattrace.job.Job;

/**
 * Keeps one running program's job safe. A lock file tells a running program's autosave from one
 * that a crash left behind: the operating system drops the lock with the process, even on kill -9.
 */
public final class Autosave implements AutoCloseable {

    private static final String LOCK = ".lock";
    private static final String SOURCE = ".source";
    private static final int ID_LETTERS = 36;

    private final Path file;
    private final Path lockFile;
    private final FileChannel channel;
    private final FileLock lock;

    /** The picture that was kept last, and where. */
    private byte[] kept;

    private Path source;
    private int sources;

    private Autosave(Path file, Path lockFile, FileChannel channel, FileLock lock) {
        this.file = file;
        this.lockFile = lockFile;
        this.channel = channel;
        this.lock = lock;
    }

    /** The usual folder: XDG_DATA_HOME, APPDATA or ~/.local/share, then neat-trace/autosave. */
    public static Path usualFolder() {
        return UserFolder.data().resolve("autosave");
    }

    /** Begins autosaving into {@code folder}, which is made if missing. */
    public static Autosave start(Path folder) throws IOException {
        Files.createDirectories(folder);
        clean(folder);
        String id = UUID.randomUUID().toString();
        Path lockFile = folder.resolve(id + LOCK);
        FileChannel channel =
                FileChannel.open(lockFile, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        FileLock lock = channel.lock();
        return new Autosave(folder.resolve(id + JobFile.ENDING), lockFile, channel, lock);
    }

    /** Keeps the job as it stands; its picture is written once. */
    public void keep(Job job) throws IOException {
        Path before = source;
        if (kept != job.source().bytes()) {
            String name = file.getFileName().toString();
            String id = name.substring(0, name.length() - JobFile.ENDING.length());
            source = file.resolveSibling(JobFile.sourceName(id, sources++));
            byte[] bytes = job.source().bytes();
            AtomicFile.writePrivate(source, out -> out.write(bytes));
            kept = bytes;
        }
        JobFile.keep(file, job, source);
        if (before != null && before != source) {
            // Only now nothing needs it any more.
            Files.deleteIfExists(before);
        }
    }

    /** Forgets what was kept: the job was saved or closed in good order. */
    public void forget() throws IOException {
        remove(file);
        kept = null;
        source = null;
    }

    /** Removes what was left without a job and without a program: locks, pictures, halves. */
    private static void clean(Path folder) throws IOException {
        Leftovers.clean(folder);
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.toList()) {
                String name = file.getFileName().toString();
                String id = name.length() < ID_LETTERS ? "" : name.substring(0, ID_LETTERS);
                boolean ours = name.endsWith(LOCK) || name.endsWith(SOURCE);
                boolean wanted = Files.exists(folder.resolve(id + JobFile.ENDING));
                if (ours && !wanted && isFree(folder.resolve(id + LOCK))) {
                    Files.deleteIfExists(file);
                }
            }
        }
    }

    /** Removes a job with its picture. */
    private static void remove(Path file) throws IOException {
        Files.deleteIfExists(file);
        String name = file.getFileName().toString();
        String id = name.substring(0, name.length() - JobFile.ENDING.length());
        try (Stream<Path> files = Files.list(file.toAbsolutePath().getParent())) {
            for (Path other : files.toList()) {
                String called = other.getFileName().toString();
                if (called.startsWith(id) && called.endsWith(SOURCE)) {
                    Files.deleteIfExists(other);
                }
            }
        }
    }

    /** Jobs that programs no longer running left in {@code folder}, newest first. */
    public static List<Path> leftBehind(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        List<Path> left = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(f -> f.toString().endsWith(JobFile.ENDING)).toList()) {
                String name = file.getFileName().toString();
                String id = name.substring(0, name.length() - JobFile.ENDING.length());
                if (isFree(folder.resolve(id + LOCK))) {
                    left.add(file);
                }
            }
        }
        left.sort(Comparator.comparingLong((Path f) -> f.toFile().lastModified()).reversed());
        return left;
    }

    private static boolean isFree(Path lockFile) throws IOException {
        if (!Files.exists(lockFile)) {
            return true;
        }
        try (FileChannel channel = FileChannel.open(lockFile, StandardOpenOption.WRITE);
                FileLock lock = channel.tryLock()) {
            return lock != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }

    /** Removes a job left behind, after it was offered. */
    public static void discard(Path file) throws IOException {
        remove(file);
        String name = file.getFileName().toString();
        String id = name.substring(0, name.length() - JobFile.ENDING.length());
        Files.deleteIfExists(file.resolveSibling(id + LOCK));
    }

    /** Stops autosaving; what was kept stays unless it was forgotten. */
    @Override
    public void close() throws IOException {
        lock.release();
        channel.close();
        Files.deleteIfExists(lockFile);
    }
}
