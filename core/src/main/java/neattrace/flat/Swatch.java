package neattrace.flat;

import java.util.Optional;
import neattrace.press.Cmyk;
import neattrace.press.Lab;
import neattrace.press.Rgb;

/**
 * A flat colour. Its ink build is the authority; the screen colour is only a preview of it.
 *
 * @param id never changes and is never used again in the same job
 * @param name what the colour is, in the user's words
 * @param build the inks
 * @param group what it is sorted under, such as "Sea"; empty for none
 * @param locked whether it is kept as it is until unlocked
 * @param spot the measured colour of an ink of its own that prints it; empty if process inks do
 * @param tone whose darker or lighter sister it is, if it was made as one
 * @param wish the colour on screen that was asked for when its build was found; empty if the build
 *     itself was asked for
 */
public record Swatch(
        int id,
        String name,
        Cmyk build,
        String group,
        boolean locked,
        Optional<Lab> spot,
        Optional<Tone> tone,
        Optional<Rgb> wish) {

    /** The longest name. */
    public static final int MOST_LETTERS = 60;

    /**
     * What a swatch is a sister of.
     *
     * @param of id of the swatch it was made from
     * @param lit whether it is that colour in the light; else in shadow
     */
    public record Tone(int of, boolean lit) {}

    public Swatch {
        name = name.strip();
        group = group.strip();
        if (name.isEmpty() || name.length() > MOST_LETTERS) {
            throw new IllegalArgumentException("a swatch needs a name of 1 to 60 letters");
        }
        if (group.length() > MOST_LETTERS) {
            throw new IllegalArgumentException(
                    "a group of swatches has a name of up to 60 letters");
        }
    }

    /** A swatch of process inks, in no group. */
    public Swatch(int id, String name, Cmyk build) {
        this(id, name, build, "", false, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** The same under another id. */
    public Swatch withId(int other) {
        return new Swatch(other, name, build, group, locked, spot, tone, wish);
    }

    /** The same with another name. */
    public Swatch withName(String other) {
        return new Swatch(id, other, build, group, locked, spot, tone, wish);
    }

    /**
     * The same with other inks, which were asked for themselves: whatever was wished is decided.
     */
    public Swatch withBuild(Cmyk other) {
        return new Swatch(id, name, other, group, locked, spot, tone, Optional.empty());
    }

    /** The same in another group. */
    public Swatch withGroup(String other) {
        return new Swatch(id, name, build, other, locked, spot, tone, wish);
    }

    /** The same locked or unlocked. */
    public Swatch withLocked(boolean lock) {
        return new Swatch(id, name, build, group, lock, spot, tone, wish);
    }

    /** The same printed with an ink of its own, or with process inks. */
    public Swatch withSpot(Optional<Lab> ink) {
        return new Swatch(id, name, build, group, locked, ink, tone, wish);
    }

    /** The same as the darker or lighter sister of another. */
    public Swatch withTone(Tone other) {
        return new Swatch(id, name, build, group, locked, spot, Optional.of(other), wish);
    }

    /** The same as the build nearest to a colour on screen, or as a build that was asked for. */
    public Swatch withWish(Optional<Rgb> other) {
        return new Swatch(id, name, build, group, locked, spot, tone, other);
    }

    /** A name that fits with an ending, shortened if need be. */
    public static String named(String stem, String ending) {
        int room = MOST_LETTERS - ending.length();
        return (stem.length() > room ? stem.substring(0, room).strip() : stem) + ending;
    }
}
