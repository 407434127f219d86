package neattrace.flat.exchange;

import java.util.Optional;
import neattrace.flat.Swatch;
import neattrace.press.Cmyk;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;

/**
 * One colour of a palette file.
 *
 * @param name may be empty
 * @param rgb how it looks
 * @param build its inks, where the file tells them
 * @param group may be empty
 * @param spot the measured colour of an ink of its own
 */
record Entry(String name, Rgb rgb, Optional<Cmyk> build, String group, Optional<Lab> spot) {

    static Entry of(Swatch swatch, PressProfile press) {
        return new Entry(
                swatch.name(),
                press.preview(swatch.build()),
                Optional.of(swatch.build()),
                swatch.group(),
                swatch.spot());
    }

    /** A colour that only looks like something. */
    static Entry plain(String name, Rgb rgb) {
        return new Entry(name, rgb, Optional.empty(), "", Optional.empty());
    }
}
