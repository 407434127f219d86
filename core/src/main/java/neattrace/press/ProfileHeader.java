package neattrace.press;

import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** What the head of an ICC profile says (ICC.1:2010, 7.2 and 10.13; ICC.1:2001, 6.5.17). */
final class ProfileHeader {

    private static final int HEADER = 128;
    private static final int ENTRY = 12;
    private static final int MOST_TAGS = 1000;
    private static final int LONGEST_NAME = 80;

    private final byte[] bytes;

    ProfileHeader(byte[] bytes) {
        this.bytes = bytes;
    }

    /**
     * Looks whether it is a profile of a press.
     *
     * @throws ProfileException if it is not, with the reason
     */
    void check() throws ProfileException {
        if (bytes.length < HEADER + 4 || !word(36).equals("acsp")) {
            throw new ProfileException("This is no ICC profile, or it is cut short.");
        }
        if (bytes[8] != 2 && bytes[8] != 4) {
            throw new ProfileException(
                    "Its version is " + bytes[8] + "; profiles of version 2 and 4 can be read.");
        }
        if (!word(16).equals("CMYK")) {
            throw new ProfileException(
                    "It is a profile of "
                            + space(word(16).strip())
                            + ", not of a press with four inks (CMYK).");
        }
        if (!word(12).equals("prtr")) {
            throw new ProfileException("It is a CMYK profile, but of no printer or press.");
        }
    }

    private static String space(String word) {
        return switch (word) {
            case "RGB" -> "a screen or camera (RGB)";
            case "GRAY" -> "grey pictures";
            case "Lab", "XYZ" -> "measured colours";
            default -> "another kind";
        };
    }

    /** What the profile calls itself; empty if it does not say. */
    String name() {
        return tag("desc").map(this::text).map(ProfileHeader::plain).orElse("");
    }

    /** The paper, XYZ relative to the light; the light's own white if it does not say. */
    double[] mediaWhite() {
        return tag("wtpt")
                .filter(at -> at + 20 <= bytes.length)
                .map(at -> new double[] {fixed(at + 8), fixed(at + 12), fixed(at + 16)})
                .filter(xyz -> xyz[1] > 0.2 && xyz[1] <= 1.2)
                .orElseGet(Lab::d50);
    }

    private Optional<Integer> tag(String name) {
        int count = Math.min(MOST_TAGS, ByteBuffer.wrap(bytes).getInt(HEADER));
        for (int i = 0; i < count; i++) {
            int at = HEADER + 4 + i * ENTRY;
            if (at + ENTRY > bytes.length) {
                break;
            }
            if (word(at).equals(name)) {
                int offset = ByteBuffer.wrap(bytes).getInt(at + 4);
                return offset >= HEADER && offset + 12 <= bytes.length
                        ? Optional.of(offset)
                        : Optional.empty();
            }
        }
        return Optional.empty();
    }

    private String text(int at) {
        try {
            ByteBuffer buffer = ByteBuffer.wrap(bytes);
            if (word(at).equals("mluc")) {
                int length = buffer.getInt(at + 20);
                int offset = buffer.getInt(at + 24);
                return new String(slice(at + offset, length), StandardCharsets.UTF_16BE);
            }
            return new String(slice(at + 12, buffer.getInt(at + 8)), StandardCharsets.ISO_8859_1);
        } catch (IndexOutOfBoundsException | BufferUnderflowException e) {
            return "";
        }
    }

    private byte[] slice(int at, int length) {
        if (at < 0 || length < 0 || (long) at + length > bytes.length) {
            throw new IndexOutOfBoundsException();
        }
        return java.util.Arrays.copyOfRange(bytes, at, at + length);
    }

    private static String plain(String text) {
        String plain = text.replaceAll("\\p{Cntrl}", " ").strip();
        return plain.length() > LONGEST_NAME ? plain.substring(0, LONGEST_NAME).strip() : plain;
    }

    private String word(int at) {
        return new String(bytes, at, 4, StandardCharsets.US_ASCII);
    }

    private double fixed(int at) {
        return ByteBuffer.wrap(bytes).getInt(at) / 65536.0;
    }
}
