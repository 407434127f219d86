package neattrace.press.separate;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * How a drawing is made in one ink.
 *
 * @param on whether it is
 * @param style what areas between ink and bare become
 * @param byHand tones chosen for single areas, the newest last
 */
public record OneColourRecipe(boolean on, Style style, List<Toned> byHand)
        implements OnPage<OneColourRecipe> {

    /** What areas between ink and bare become. */
    public enum Style {
        /** Tints, which print as dots. */
        TINTS("tints"),
        /** Lines of solid ink, which any printer and any screen holds. */
        HATCHING("hatching");

        private final String words;

        Style(String words) {
            this.words = words;
        }

        /** In a word. */
        public String words() {
            return words;
        }
    }

    /**
     * A tone for one area.
     *
     * @param at a place in it, mm on the page
     * @param tone number of a {@link Tone}
     */
    public record Toned(Point at, Tone tone) implements OnPage<Toned> {

        @Override
        public Toned moved(UnaryOperator<Point> map, double growth) {
            return new Toned(map.apply(at), tone);
        }
    }

    /** In as many inks as there are. */
    public static final OneColourRecipe OFF = new OneColourRecipe(false, Style.TINTS, List.of());

    private static final int MOST = 10_000;

    public OneColourRecipe {
        if (byHand.size() > MOST) {
            throw new IllegalArgumentException("too many areas were toned by hand");
        }
        byHand = List.copyOf(byHand);
    }

    public OneColourRecipe withOn(boolean value) {
        return new OneColourRecipe(value, style, byHand);
    }

    public OneColourRecipe withStyle(Style value) {
        return new OneColourRecipe(on, value, byHand);
    }

    public OneColourRecipe withByHand(List<Toned> value) {
        return new OneColourRecipe(on, style, value);
    }

    @Override
    public OneColourRecipe moved(UnaryOperator<Point> map, double growth) {
        return withByHand(byHand.stream().map(one -> one.moved(map, growth)).toList());
    }
}
