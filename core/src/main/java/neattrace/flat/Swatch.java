package neattrace.flat;

import neattrace.press.Cmyk;

/**
 * A flat colour. Its ink build is the authority; the screen colour is only a preview of it.
 *
 * @param id never changes and is never used again in the same job
 * @param name what the colour is, in the user's words
 * @param build the inks
 */
public record Swatch(int id, String name, Cmyk build) {

    /** The longest name. */
    public static final int MOST_LETTERS = 60;

    public Swatch {
        name = name.strip();
        if (name.isEmpty() || name.length() > MOST_LETTERS) {
            throw new IllegalArgumentException("a swatch needs a name of 1 to 60 letters");
        }
    }
}
