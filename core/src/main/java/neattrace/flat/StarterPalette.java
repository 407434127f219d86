package neattrace.flat;

import java.util.List;
import neattrace.press.Cmyk;

/**
 * Colours that go together, to begin with. Builds chosen by us: mostly two or three inks, none with
 * more than 240 % of ink, each palette with something light, something dark and one thing loud.
 *
 * @param name what it calls to mind
 * @param colours at least one
 */
public record StarterPalette(String name, List<Colour> colours) {

    /**
     * A colour of a palette.
     *
     * @param name in a word or two
     * @param build its inks
     */
    public record Colour(String name, Cmyk build) {}

    /** All of them. */
    public static final List<StarterPalette> ALL =
            List.of(
                    new StarterPalette(
                            "Quay at noon",
                            List.of(
                                    colour("Chalk", 4, 3, 8, 0),
                                    colour("Dry rope", 12, 22, 46, 2),
                                    colour("Tar", 60, 56, 62, 44),
                                    colour("Mooring", 84, 54, 26, 10),
                                    colour("Shallow", 46, 8, 22, 0),
                                    colour("Buoy", 4, 72, 80, 0),
                                    colour("Oilskin", 4, 20, 84, 0),
                                    colour("Rust", 24, 68, 82, 14))),
                    new StarterPalette(
                            "Hedge in May",
                            List.of(
                                    colour("Hawthorn", 2, 10, 8, 0),
                                    colour("Young leaf", 34, 4, 78, 0),
                                    colour("Nettle", 72, 28, 86, 14),
                                    colour("Bark", 44, 56, 66, 34),
                                    colour("Campion", 10, 72, 14, 0),
                                    colour("Bluebell", 66, 58, 2, 0),
                                    colour("Buttercup", 2, 14, 90, 0),
                                    colour("Shade", 78, 52, 60, 40))),
                    new StarterPalette(
                            "Lamps in fog",
                            List.of(
                                    colour("Mist", 14, 8, 10, 0),
                                    colour("Slate", 58, 42, 38, 14),
                                    colour("Night", 88, 74, 42, 32),
                                    colour("Lamplight", 2, 18, 58, 0),
                                    colour("Ember", 8, 58, 74, 2),
                                    colour("Plum", 58, 78, 34, 20),
                                    colour("Moss wall", 52, 34, 62, 12),
                                    colour("Breath", 6, 4, 2, 0))),
                    new StarterPalette(
                            "Sweet shop",
                            List.of(
                                    colour("Sugar", 2, 4, 6, 0),
                                    colour("Peppermint", 40, 0, 24, 0),
                                    colour("Pear drop", 4, 40, 30, 0),
                                    colour("Sherbet", 2, 8, 62, 0),
                                    colour("Cherry", 12, 92, 70, 2),
                                    colour("Violet", 44, 62, 0, 0),
                                    colour("Toffee", 26, 52, 78, 12),
                                    colour("Liquorice", 64, 62, 58, 48))));

    public StarterPalette {
        colours = List.copyOf(colours);
        if (colours.isEmpty()) {
            throw new IllegalArgumentException("a palette has a colour");
        }
    }

    private static Colour colour(String name, double c, double m, double y, double k) {
        return new Colour(name, new Cmyk(c, m, y, k));
    }
}
