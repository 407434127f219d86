package neattrace.flat;

import java.util.Map;
import java.util.TreeMap;
import neattrace.press.Cmyk;

/**
 * The same art in other colours: each swatch keeps its areas and its name and takes other inks.
 *
 * @param name such as "Night"
 * @param builds the inks by swatch id; swatches that are missing stay as they are
 */
public record Colourway(String name, Map<Integer, Cmyk> builds) {

    public Colourway {
        name = name.strip();
        builds = Map.copyOf(builds);
        if (name.isEmpty() || name.length() > Swatch.MOST_LETTERS) {
            throw new IllegalArgumentException("a colourway needs a name of 1 to 60 letters");
        }
    }

    /** A swatch as it is in this colourway. */
    public Swatch of(Swatch swatch) {
        Cmyk build = builds.get(swatch.id());
        return build == null ? swatch : swatch.withBuild(build);
    }

    /** The same without a swatch. */
    public Colourway without(int id) {
        Map<Integer, Cmyk> next = new TreeMap<>(builds);
        next.remove(id);
        return new Colourway(name, next);
    }

    /** The same with other inks for a swatch. */
    public Colourway with(int id, Cmyk build) {
        Map<Integer, Cmyk> next = new TreeMap<>(builds);
        next.put(id, build);
        return new Colourway(name, next);
    }
}
