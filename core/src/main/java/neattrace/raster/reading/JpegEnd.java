package neattrace.raster.reading;

/** Whether a JPEG goes on to its end (ITU-T T.81, B.1.1.3: the marker EOI). */
final class JpegEnd {

    private static final int EOI = 0xd9;

    private JpegEnd() {}

    /**
     * Whether the end is missing. Writers may add bytes after it; within the compressed data FF is
     * followed by zero or a restart, so the marker is no pixel.
     */
    static boolean isMissing(byte[] b) {
        for (int i = b.length - 1; i > 1; i--) {
            if ((b[i] & 0xff) == EOI && (b[i - 1] & 0xff) == 0xff) {
                return false;
            }
        }
        return true;
    }
}
