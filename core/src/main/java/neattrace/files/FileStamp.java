package neattrace.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;

/**
 * What a file was like at a moment: another stamp tells that somebody wrote it since.
 *
 * @param modified when it was written last
 * @param size in bytes
 * @param key the file's own number, which another file put in its place does not have
 */
public record FileStamp(long modified, long size, String key) {

    /** No file. */
    public static final FileStamp NONE = new FileStamp(0, 0, "");

    /** The stamp of a file; {@link #NONE} if there is none. */
    public static FileStamp of(Path file) {
        try {
            BasicFileAttributes now = Files.readAttributes(file, BasicFileAttributes.class);
            return new FileStamp(
                    now.lastModifiedTime().toMillis(), now.size(), String.valueOf(now.fileKey()));
        } catch (IOException e) {
            return NONE;
        }
    }
}
