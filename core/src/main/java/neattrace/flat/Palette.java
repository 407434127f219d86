package neattrace.flat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The swatches of a job in the order of its layers, and other colourways of the same art.
 *
 * @param swatches as they were first chosen
 * @param colourways the same in other inks
 * @param shown index of the colourway that is worked on; {@link #FIRST} for the swatches as they
 *     were first chosen
 * @param lastId the highest id any swatch ever had; none is used twice, since forms, held lines and
 *     colourways name swatches by it
 */
public record Palette(List<Swatch> swatches, List<Colourway> colourways, int shown, int lastId) {

    /** The swatches as they were first chosen are shown. */
    public static final int FIRST = -1;

    /** Nothing chosen. */
    public static final Palette EMPTY = new Palette(List.of(), List.of(), FIRST, 0);

    public Palette {
        swatches = List.copyOf(swatches);
        colourways = List.copyOf(colourways);
        Set<Integer> ids = new HashSet<>();
        for (Swatch swatch : swatches) {
            if (swatch.id() < 1 || !ids.add(swatch.id())) {
                throw new IllegalArgumentException("two swatches have the number " + swatch.id());
            }
            lastId = Math.max(lastId, swatch.id());
        }
        if (shown < FIRST || shown >= colourways.size()) {
            throw new IllegalArgumentException("there is no colourway " + shown);
        }
    }

    /** The swatches of the colourway that is shown. */
    public List<Swatch> now() {
        return of(shown);
    }

    /** The swatches of a colourway. */
    public List<Swatch> of(int colourway) {
        return colourway == FIRST
                ? swatches
                : swatches.stream().map(colourways.get(colourway)::of).toList();
    }

    /**
     * The same with swatches changed, added, ordered or taken away. Where another colourway than
     * the first is shown, changed inks are changed in that one alone.
     */
    public Palette with(List<Swatch> next) {
        if (shown == FIRST) {
            return new Palette(next, colourways, shown, lastId);
        }
        Map<Integer, Swatch> first =
                swatches.stream().collect(Collectors.toMap(Swatch::id, Function.identity()));
        Colourway way = colourways.get(shown);
        List<Swatch> base = new ArrayList<>();
        for (Swatch swatch : next) {
            Swatch old = first.get(swatch.id());
            base.add(old == null ? swatch : printedAs(swatch, old));
            Colourway.Ink ink = Colourway.Ink.of(swatch);
            if (old != null && !Colourway.Ink.of(way.of(old)).equals(ink)) {
                way = way.with(swatch.id(), ink);
            }
        }
        List<Colourway> ways = new ArrayList<>(colourways);
        ways.set(shown, way);
        return new Palette(base, ways, shown, lastId);
    }

    private static Swatch printedAs(Swatch swatch, Swatch other) {
        return swatch.withBuild(other.build()).withSpot(other.spot()).withWish(other.wish());
    }

    /** An id that no swatch has or ever had. */
    public int freeId() {
        return lastId + 1;
    }

    /** The same without a swatch, in all colourways. */
    public Palette without(int id) {
        return new Palette(
                swatches.stream().filter(swatch -> swatch.id() != id).toList(),
                colourways.stream().map(way -> way.without(id)).toList(),
                shown,
                lastId);
    }

    /** The same with a colourway shown. */
    public Palette showing(int colourway) {
        return new Palette(swatches, colourways, colourway, lastId);
    }

    /** The same with one more colourway, which starts as what is shown now and is shown then. */
    public Palette withColourway(String name) {
        List<Colourway> ways = new ArrayList<>(colourways);
        ways.add(
                new Colourway(
                        name,
                        now().stream().collect(Collectors.toMap(Swatch::id, Colourway.Ink::of))));
        return new Palette(swatches, ways, ways.size() - 1, lastId);
    }

    /** The same without a colourway; the first is shown then. */
    public Palette withoutColourway(int index) {
        List<Colourway> ways = new ArrayList<>(colourways);
        ways.remove(index);
        return new Palette(swatches, ways, FIRST, lastId);
    }
}
