package neattrace.flat;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import neattrace.press.Cmyk;
import neattrace.press.Lab;
import neattrace.press.Rgb;

/**
 * The same art in other colours: each swatch keeps its areas and its name and takes other inks.
 *
 * @param name such as "Night"
 * @param inks what prints swatches, by their id; swatches that are missing stay as they are
 */
public record Colourway(String name, Map<Integer, Ink> inks) {

    /**
     * What prints a swatch in a colourway.
     *
     * @param build of process inks
     * @param spot the measured colour of an ink of its own; empty if process inks print it
     * @param wish the colour on screen its build was found for
     */
    public record Ink(Cmyk build, Optional<Lab> spot, Optional<Rgb> wish) {

        /** What prints a swatch as it is. */
        public static Ink of(Swatch swatch) {
            return new Ink(swatch.build(), swatch.spot(), swatch.wish());
        }

        /** A build of process inks. */
        public static Ink of(Cmyk build) {
            return new Ink(build, Optional.empty(), Optional.empty());
        }
    }

    public Colourway {
        name = name.strip();
        inks = Map.copyOf(inks);
        if (name.isEmpty() || name.length() > Swatch.MOST_LETTERS) {
            throw new IllegalArgumentException("a colourway needs a name of 1 to 60 letters");
        }
    }

    /** A swatch as it is in this colourway. */
    public Swatch of(Swatch swatch) {
        Ink ink = inks.get(swatch.id());
        return ink == null
                ? swatch
                : swatch.withBuild(ink.build()).withSpot(ink.spot()).withWish(ink.wish());
    }

    /** The same without a swatch. */
    public Colourway without(int id) {
        Map<Integer, Ink> next = new TreeMap<>(inks);
        next.remove(id);
        return new Colourway(name, next);
    }

    /** The same with other inks for a swatch. */
    public Colourway with(int id, Ink ink) {
        Map<Integer, Ink> next = new TreeMap<>(inks);
        next.put(id, ink);
        return new Colourway(name, next);
    }
}
