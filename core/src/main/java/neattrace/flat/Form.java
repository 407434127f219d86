package neattrace.flat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/** A flat shape that gives form to what is flat: an inset, a shadow, a highlight. Places in mm. */
public sealed interface Form extends OnPage<Form> {

    /** Farther than this nothing is set in or cast, mm. */
    double FARTHEST_MM = 100;

    /** What it is, in the user's words. */
    String words();

    /** The same with one swatch in the place of another. */
    Form replacing(int from, int into);

    /** What is left of it without a swatch; empty if nothing is. */
    Optional<Form> without(int swatch);

    /** The swatches it needs to be seen; it needs one of them at least. */
    Set<Integer> needs();

    /** A form that is kept to one area and has one swatch. */
    sealed interface Within extends Form {

        /** A place in the area. */
        Point anchor();

        /** Its colour. */
        int swatch();

        @Override
        default Optional<Form> without(int id) {
            return swatch() == id ? Optional.empty() : Optional.of(this);
        }

        @Override
        default Set<Integer> needs() {
            return Set.of(swatch());
        }
    }

    /**
     * A smaller copy of an area within it.
     *
     * @param anchor a place in the area
     * @param mm how far inside its edge
     * @param swatch its colour
     */
    record Inset(Point anchor, double mm, int swatch) implements Within {

        public Inset {
            check(mm);
        }

        @Override
        public Form moved(UnaryOperator<Point> map, double growth) {
            return new Inset(map.apply(anchor), mm * growth, swatch);
        }

        @Override
        public String words() {
            return "Inset";
        }

        @Override
        public Form replacing(int from, int into) {
            return swatch == from ? new Inset(anchor, mm, into) : this;
        }
    }

    /**
     * The side of an area that the light reaches, or the side that it does not.
     *
     * @param anchor a place in the area
     * @param mm how broad it is at its broadest
     * @param lit whether it is the side towards the light
     * @param swatch its colour
     */
    record Side(Point anchor, double mm, boolean lit, int swatch) implements Within {

        public Side {
            check(mm);
        }

        @Override
        public Form moved(UnaryOperator<Point> map, double growth) {
            return new Side(map.apply(anchor), mm * growth, lit, swatch);
        }

        @Override
        public String words() {
            return lit ? "Lit side" : "Shaded side";
        }

        @Override
        public Form replacing(int from, int into) {
            return swatch == from ? new Side(anchor, mm, lit, into) : this;
        }
    }

    /**
     * A shape drawn by hand within one area: a highlight.
     *
     * @param anchor a place in the area that it is kept to
     * @param ring its outline
     * @param swatch its colour
     */
    record Highlight(Point anchor, List<Point> ring, int swatch) implements Within {

        public Highlight {
            ring = drawn(ring);
        }

        @Override
        public Form moved(UnaryOperator<Point> map, double growth) {
            return new Highlight(map.apply(anchor), ring.stream().map(map).toList(), swatch);
        }

        @Override
        public String words() {
            return "Highlight";
        }

        @Override
        public Form replacing(int from, int into) {
            return swatch == from ? new Highlight(anchor, ring, into) : this;
        }
    }

    /**
     * A shadow drawn by hand over several areas: each colour under it becomes a darker one.
     *
     * @param ring its outline
     * @param darker by the swatch that is shaded the one that it becomes
     */
    record Shade(List<Point> ring, Map<Integer, Integer> darker) implements Form {

        public Shade {
            ring = drawn(ring);
            darker = Map.copyOf(darker);
        }

        @Override
        public Form moved(UnaryOperator<Point> map, double growth) {
            return new Shade(ring.stream().map(map).toList(), darker);
        }

        @Override
        public String words() {
            return "Shadow over " + darker.size() + (darker.size() == 1 ? " colour" : " colours");
        }

        @Override
        public Form replacing(int from, int into) {
            Map<Integer, Integer> next = new TreeMap<>();
            darker.forEach(
                    (under, over) ->
                            next.put(under == from ? into : under, over == from ? into : over));
            return new Shade(ring, next);
        }

        @Override
        public Optional<Form> without(int swatch) {
            Map<Integer, Integer> next = new TreeMap<>(darker);
            next.entrySet().removeIf(e -> e.getKey() == swatch || e.getValue() == swatch);
            return next.isEmpty() ? Optional.empty() : Optional.of(new Shade(ring, next));
        }

        @Override
        public Set<Integer> needs() {
            return Set.copyOf(darker.values());
        }
    }

    /**
     * The shadow of the whole silhouette on the page, away from the light.
     *
     * @param mm how far it falls
     * @param swatch its colour
     */
    record Cast(double mm, int swatch) implements Form {

        public Cast {
            check(mm);
        }

        @Override
        public Form moved(UnaryOperator<Point> map, double growth) {
            return new Cast(mm * growth, swatch);
        }

        @Override
        public String words() {
            return "Cast shadow";
        }

        @Override
        public Form replacing(int from, int into) {
            return swatch == from ? new Cast(mm, into) : this;
        }

        @Override
        public Optional<Form> without(int id) {
            return swatch == id ? Optional.empty() : Optional.of(this);
        }

        @Override
        public Set<Integer> needs() {
            return Set.of(swatch);
        }
    }

    private static void check(double mm) {
        if (!(mm > 0 && mm <= FARTHEST_MM)) {
            throw new IllegalArgumentException("forms reach more than 0 and up to 100 mm");
        }
    }

    private static List<Point> drawn(List<Point> ring) {
        if (ring.size() < 3) {
            throw new IllegalArgumentException("a drawn shape has three places or more");
        }
        return List.copyOf(ring);
    }
}
