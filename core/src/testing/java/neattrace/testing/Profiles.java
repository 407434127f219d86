package neattrace.testing;

import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import neattrace.press.PressProfile;
import neattrace.press.ProfileException;

/** Press profiles besides the one that ships. */
public final class Profiles {

    private Profiles() {}

    /** The same press under another name. */
    public static PressProfile other() {
        try {
            return PressProfile.of(renamed());
        } catch (ProfileException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Its bytes. */
    public static byte[] renamed() {
        byte[] bytes = PressProfile.bundled().bytes();
        byte[] name = "Coated".getBytes(StandardCharsets.US_ASCII);
        for (int at = 128; at < bytes.length; at++) {
            if (Arrays.equals(bytes, at, at + name.length, name, 0, name.length)) {
                bytes[at] = 'B';
                return bytes;
            }
        }
        throw new IllegalStateException("the profile has another name");
    }
}
