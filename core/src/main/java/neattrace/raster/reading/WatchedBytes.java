package neattrace.raster.reading;

import java.io.IOException;
import javax.imageio.stream.ImageInputStreamImpl;

/**
 * Bytes that a decoder reads. Some decoders go on asking for very long when there are no more, as
 * the tables in a damaged file tell them to: at some point that is an error. Between reads whoever
 * waits may call the work off.
 */
final class WatchedBytes extends ImageInputStreamImpl {

    /** Decoders that read ahead ask a few times too often; none needs so many. */
    private static final int MOST_BEYOND = 10_000;

    private static final int READS_BETWEEN_LOOKS = 1 << 16;

    private final byte[] bytes;
    private final Runnable look;
    private int beyond;
    private int reads;

    /**
     * A stream.
     *
     * @param look called now and then; what it throws ends the reading
     */
    WatchedBytes(byte[] bytes, Runnable look) {
        this.bytes = bytes;
        this.look = look;
    }

    @Override
    public int read() throws IOException {
        bitOffset = 0;
        watch();
        if (streamPos >= bytes.length) {
            beyondTheEnd();
            return -1;
        }
        return bytes[(int) streamPos++] & 0xff;
    }

    @Override
    public int read(byte[] into, int offset, int length) throws IOException {
        bitOffset = 0;
        watch();
        if (length == 0) {
            return 0;
        }
        if (streamPos >= bytes.length) {
            beyondTheEnd();
            return -1;
        }
        int count = (int) Math.min(length, bytes.length - streamPos);
        System.arraycopy(bytes, (int) streamPos, into, offset, count);
        streamPos += count;
        return count;
    }

    @Override
    public long length() {
        return bytes.length;
    }

    private void watch() {
        if (++reads % READS_BETWEEN_LOOKS == 0) {
            look.run();
        }
    }

    private void beyondTheEnd() throws IOException {
        if (++beyond > MOST_BEYOND) {
            throw new IOException("read beyond the end again and again");
        }
    }
}
