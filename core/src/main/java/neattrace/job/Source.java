package neattrace.job;

/**
 * The picture a job starts from, byte for byte as it was opened. The bytes are handed over, not
 * copied, and must not be written to.
 *
 * @param name the file's name without folders
 * @param bytes the file's content
 */
public record Source(String name, byte[] bytes) {

    public Source {
        if (name.isBlank() || name.contains("/") || name.contains("\\") || name.equals("..")) {
            throw new IllegalArgumentException("a source is named without folders");
        }
    }
}
