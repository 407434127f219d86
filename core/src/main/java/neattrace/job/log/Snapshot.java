package neattrace.job.log;

import java.util.Arrays;
import java.util.Base64;

/** A small picture to be kept in a job, such as the photo of a proof: a JPEG. Immutable. */
public final class Snapshot {

    /** No picture. */
    public static final Snapshot NONE = new Snapshot(new byte[0]);

    /** It has no more bytes than this. */
    public static final int MOST_BYTES = 150_000;

    private final byte[] jpeg;

    /**
     * A picture.
     *
     * @param jpeg its bytes; handed over, not copied
     */
    public Snapshot(byte[] jpeg) {
        if (jpeg.length > MOST_BYTES) {
            throw new IllegalArgumentException("a picture in a job has at most 150 kB");
        }
        this.jpeg = jpeg;
    }

    /**
     * Reads {@link #base64}.
     *
     * @throws IllegalArgumentException if it is none, or too long
     */
    public static Snapshot ofBase64(String text) {
        return new Snapshot(Base64.getDecoder().decode(text));
    }

    /** As it is written in files (RFC 4648). */
    public String base64() {
        return Base64.getEncoder().encodeToString(jpeg);
    }

    /** Whether there is none. */
    public boolean isEmpty() {
        return jpeg.length == 0;
    }

    /** Its bytes; not to be written to. */
    public byte[] jpeg() {
        return jpeg;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Snapshot that && Arrays.equals(jpeg, that.jpeg);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(jpeg);
    }

    @Override
    public String toString() {
        return "Snapshot[" + jpeg.length + " bytes]";
    }
}
