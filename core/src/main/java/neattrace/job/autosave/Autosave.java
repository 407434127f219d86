package neattrace.job.autosave;

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
import neattrace.files.UserFolder;
import neattrace.job.Job;
import neattrace.job.file.JobFile;

/**
 * Keeps one running program's job safe. A lock file tells a running program's autosave from one
 * that a crash left behind: the operating system drops the lock with the process, even on kill -9.
 */
public final class Autosave implements AutoCloseable {

    private static final String LOCK = ".lock";

    private final Path file;
    private final Path lockFile;
    private final FileChannel channel;
    private final FileLock lock;

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
        String id = UUID.randomUUID().toString();
        Path lockFile = folder.resolve(id + LOCK);
        FileChannel channel =
                FileChannel.open(lockFile, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        FileLock lock = channel.lock();
        return new Autosave(folder.resolve(id + JobFile.ENDING), lockFile, channel, lock);
    }

    /** Keeps the job as it stands. */
    public void keep(Job job) throws IOException {
        JobFile.save(file, job, new byte[0]);
    }

    /** Forgets what was kept: the job was saved or closed in good order. */
    public void forget() throws IOException {
        Files.deleteIfExists(file);
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
        Files.deleteIfExists(file);
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
