package neattrace.files;

import static java.nio.file.StandardOpenOption.CREATE_NEW;
import static java.nio.file.StandardOpenOption.WRITE;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.util.Set;

/** Replaces a file's content in one step. */
public final class AtomicFile {

    /** Produces the content of a file. */
    @FunctionalInterface
    public interface Content {
        /** Writes the content; must not close {@code out}. */
        void writeTo(OutputStream out) throws IOException;
    }

    private static final Set<PosixFilePermission> OWNER =
            Set.of(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE);

    private AtomicFile() {}

    /**
     * Writes {@code content} to {@code target}. If anything fails, {@code target} is as it was and
     * no temporary file is left behind, nor are those of programs that were killed. A link stays a
     * link: what it leads to is replaced. A file that is replaced hands its rights on.
     *
     * @throws IOException with a message fit for the user, if the folder is missing or may not be
     *     written, the disk is full, or the content itself fails
     */
    public static void write(Path target, Content content) throws IOException {
        write(target, content, Set.of());
    }

    /** The same for a file that is nobody's business but its owner's. */
    public static void writePrivate(Path target, Content content) throws IOException {
        write(target, content, OWNER);
    }

    private static void write(Path target, Content content, Set<PosixFilePermission> rights)
            throws IOException {
        Path absolute = target.toAbsolutePath();
        if (Files.isDirectory(absolute)) {
            throw new IOException(target + " is a folder; give the name of a file.");
        }
        Path real = Files.isSymbolicLink(absolute) ? SameFile.real(linked(absolute)) : absolute;
        Path folder = real.getParent();
        Path temporary = null;
        try {
            // Not createTempFile: that would hide the result from everybody but its owner.
            Path part = folder.resolve(Leftovers.partName());
            if (rights.isEmpty()) {
                // Ctrl+C comes while it is written; what is killed outright is cleared away next
                // time. The program's own folders are cleaned when it starts.
                part.toFile().deleteOnExit();
                Leftovers.cleanOld(folder);
            }
            try (FileChannel file = FileChannel.open(part, CREATE_NEW, WRITE)) {
                temporary = part;
                giveRights(part, real, rights);
                OutputStream out =
                        new BufferedOutputStream(Channels.newOutputStream(file), 1 << 16);
                content.writeTo(out);
                out.flush();
                file.force(true);
            }
            move(temporary, real);
            forceFolder(folder);
        } catch (NoSuchFileException e) {
            throw new IOException("The folder " + folder + " does not exist.", e);
        } catch (AccessDeniedException e) {
            throw new IOException("There is no right to write in " + folder + ".", e);
        } catch (IOException e) {
            throw new IOException("Could not write " + target + ": " + reason(e), e);
        } finally {
            if (temporary != null) {
                Files.deleteIfExists(temporary);
            }
        }
    }

    private static Path linked(Path link) throws IOException {
        return link.resolveSibling(Files.readSymbolicLink(link));
    }

    /** Those asked for, else those of the file that is replaced. */
    private static void giveRights(Path part, Path replaced, Set<PosixFilePermission> rights)
            throws IOException {
        PosixFileAttributeView view =
                Files.getFileAttributeView(part, PosixFileAttributeView.class);
        if (view == null) {
            return;
        }
        if (!rights.isEmpty()) {
            view.setPermissions(rights);
        } else if (Files.exists(replaced)) {
            view.setPermissions(Files.getPosixFilePermissions(replaced));
        }
    }

    /** A rename is on the disk only once its folder is (POSIX fsync; Windows has no such thing). */
    private static void forceFolder(Path folder) {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException e) {
            // Not every file system can; the file itself is safe.
            return;
        }
    }

    private static void move(Path temporary, Path target) throws IOException {
        try {
            Files.move(temporary, target, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(temporary, target, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    private static String reason(IOException e) {
        return e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
    }
}
