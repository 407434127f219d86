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
import java.util.UUID;

/** Replaces a file's content in one step. */
public final class AtomicFile {

    /** Produces the content of a file. */
    @FunctionalInterface
    public interface Content {
        /** Writes the content; must not close {@code out}. */
        void writeTo(OutputStream out) throws IOException;
    }

    private AtomicFile() {}

    /**
     * Writes {@code content} to {@code target}. If anything fails, {@code target} is as it was and
     * no temporary file is left behind.
     *
     * @throws IOException with a message fit for the user, if the folder is missing or may not be
     *     written, the disk is full, or the content itself fails
     */
    public static void write(Path target, Content content) throws IOException {
        Path absolute = target.toAbsolutePath();
        Path folder = absolute.getParent();
        if (Files.isDirectory(absolute)) {
            throw new IOException(target + " is a folder; give the name of a file.");
        }
        Path temporary = null;
        try {
            String name = "." + absolute.getFileName() + "." + UUID.randomUUID() + ".part";
            // Not createTempFile: that would hide the result from everybody but its owner.
            Path part = folder.resolve(name);
            try (FileChannel file = FileChannel.open(part, CREATE_NEW, WRITE)) {
                temporary = part;
                OutputStream out =
                        new BufferedOutputStream(Channels.newOutputStream(file), 1 << 16);
                content.writeTo(out);
                out.flush();
                file.force(true);
            }
            move(temporary, absolute);
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
