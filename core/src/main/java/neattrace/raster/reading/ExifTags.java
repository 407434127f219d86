package neattrace.raster.reading;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/**
 * The way up that a file states: tag 274 of a TIFF directory (TIFF 6.0, p. 36), which JPEG, PNG and
 * WebP carry along as Exif (CIPA DC-008, 4.6.4).
 */
final class ExifTags {

    private static final int ORIENTATION = 274;
    private static final int SHORT = 3;
    private static final int ENTRY = 12;
    private static final int MOST_ENTRIES = 4096;

    private ExifTags() {}

    /**
     * 1 for the right way up to 8; 1 if the file does not say.
     *
     * @param page of a TIFF
     */
    static int orientation(byte[] b, int page) {
        try {
            int tiff = tiff(b);
            return tiff < 0 ? 1 : orientation(b, tiff, tiff == 0 ? page : 0);
        } catch (IndexOutOfBoundsException | IllegalArgumentException e) {
            return 1;
        }
    }

    /** Where the TIFF structure begins; -1 if there is none. */
    private static int tiff(byte[] b) {
        String head = text(b, 0, 12);
        if (head.startsWith("II*") || head.startsWith("MM")) {
            return 0;
        }
        if (head.startsWith("\u00ff\u00d8")) {
            return inJpeg(b);
        }
        if (head.startsWith("\u0089PNG")) {
            return inChunks(b, 8, "eXIf", true);
        }
        return head.startsWith("RIFF") && head.endsWith("WEBP")
                ? inChunks(b, 12, "EXIF", false)
                : -1;
    }

    private static int inJpeg(byte[] b) {
        int at = 2;
        while (at + 4 < b.length && (b[at] & 0xff) == 0xff) {
            int marker = b[at + 1] & 0xff;
            if (marker == 0xda || marker == 0xd9) {
                return -1;
            }
            if (marker == 0xe1 && text(b, at + 4, 6).equals("Exif\0\0")) {
                return at + 10;
            }
            at += 2 + ((b[at + 2] & 0xff) << 8 | b[at + 3] & 0xff);
        }
        return -1;
    }

    /** PNG tells a chunk's length before its name, WebP after it and padded to even. */
    private static int inChunks(byte[] b, int first, String wanted, boolean png) {
        long at = first;
        while (at + 8 < b.length) {
            int i = (int) at;
            ByteBuffer buffer =
                    ByteBuffer.wrap(b).order(png ? ByteOrder.BIG_ENDIAN : ByteOrder.LITTLE_ENDIAN);
            long length = buffer.getInt(png ? i : i + 4) & 0xffffffffL;
            String name = text(b, png ? i + 4 : i, 4);
            if (name.equals(wanted)) {
                return text(b, i + 8, 6).equals("Exif\0\0") ? i + 14 : i + 8;
            }
            at += png ? length + 12 : length + 8 + length % 2;
        }
        return -1;
    }

    private static int orientation(byte[] b, int tiff, int page) {
        boolean little = b[tiff] == 'I';
        ByteBuffer buffer =
                ByteBuffer.wrap(b, tiff, b.length - tiff)
                        .slice()
                        .order(little ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
        if (buffer.getShort(2) != 42) {
            return 1;
        }
        int directory = buffer.getInt(4);
        for (int k = 0; k < page; k++) {
            int count = buffer.getShort(directory) & 0xffff;
            directory = buffer.getInt(directory + 2 + ENTRY * count);
            if (directory == 0) {
                return 1;
            }
        }
        int count = Math.min(MOST_ENTRIES, buffer.getShort(directory) & 0xffff);
        for (int k = 0; k < count; k++) {
            int entry = directory + 2 + ENTRY * k;
            boolean found =
                    (buffer.getShort(entry) & 0xffff) == ORIENTATION
                            && buffer.getShort(entry + 2) == SHORT;
            if (found) {
                int value = buffer.getShort(entry + 8);
                return value >= 1 && value <= 8 ? value : 1;
            }
        }
        return 1;
    }

    private static String text(byte[] b, int from, int length) {
        int most = Math.max(0, Math.min(length, b.length - from));
        return new String(b, from, most, StandardCharsets.ISO_8859_1);
    }
}
