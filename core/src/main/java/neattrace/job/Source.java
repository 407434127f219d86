package neattrace.job;

import neattrace.raster.reading.Opening;

/**
 * The picture a job starts from, byte for byte as it was opened. The bytes are handed over, not
 * copied, and must not be written to.
 *
 * @param name the file's name without folders
 * @param bytes the file's content
 * @param opening which of its pages is taken, and how
 */
public record Source(String name, byte[] bytes, Opening opening) {

    public Source {
        if (name.isBlank() || name.contains("/") || name.contains("\\") || name.equals("..")) {
            throw new IllegalArgumentException("a source is named without folders");
        }
    }

    /** The first page, the right way up. */
    public Source(String name, byte[] bytes) {
        this(name, bytes, Opening.USUAL);
    }

    /** The same file opened in another way. */
    public Source withOpening(Opening other) {
        return new Source(name, bytes, other);
    }
}
