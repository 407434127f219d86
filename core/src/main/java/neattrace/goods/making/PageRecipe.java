package neattrace.goods.making;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * How a colouring page is made. Paper, margin and the smallest area are those of the goods.
 *
 * @param gutterMm clear on the inner side of a book's page; 0 for a single sheet
 * @param bothSides whether a book has pages on both sides of a leaf, so that the inner side is by
 *     turns left and right
 * @param tint what the lines are printed in
 * @param tintPercent how dark; of black ink alone, or of all inks of the tint
 * @param numbers whether each area bears the number of its swatch
 * @param key whether the numbers are explained, with their colours
 * @param sample whether a small coloured picture stands in a corner
 * @param pencil what it is coloured with
 * @param mends areas that were made large enough
 */
public record PageRecipe(
        double gutterMm,
        boolean bothSides,
        Tint tint,
        double tintPercent,
        boolean numbers,
        boolean key,
        boolean sample,
        Pencil pencil,
        List<PageMend> mends)
        implements OnPage<PageRecipe> {

    /** What lines are printed in. */
    public enum Tint {
        BLACK("black", "black"),
        UMBER("umber", "umber");

        private final String key;
        private final String label;

        Tint(String key, String label) {
            this.key = key;
            this.label = label;
        }

        /** As it is written in files. */
        public String key() {
            return key;
        }

        /** In a person's words. */
        public String label() {
            return label;
        }
    }

    /** What a page is coloured with. */
    public enum Pencil {
        PENCIL("pencil", "coloured pencils"),
        PEN("pen", "felt pens"),
        BRUSH("brush", "watercolour");

        private final String key;
        private final String label;

        Pencil(String key, String label) {
            this.key = key;
            this.label = label;
        }

        /** As it is written in files. */
        public String key() {
            return key;
        }

        /** In a person's words. */
        public String label() {
            return label;
        }
    }

    /** No gutter is wider, mm. */
    public static final double MOST_GUTTER_MM = 60;

    /** Lighter lines are not seen on wet paper (common practice, no source), percent. */
    public static final double LEAST_TINT = 10;

    /** A single sheet in black. */
    public static final PageRecipe USUAL =
            new PageRecipe(0, false, Tint.BLACK, 100, false, true, false, Pencil.PENCIL, List.of());

    public PageRecipe {
        mends = List.copyOf(mends);
        if (!(gutterMm >= 0 && gutterMm <= MOST_GUTTER_MM)) {
            throw new IllegalArgumentException("a gutter has 0 to 60 mm");
        }
        if (!(tintPercent >= LEAST_TINT && tintPercent <= 100)) {
            throw new IllegalArgumentException("a tint has 10 to 100 %");
        }
    }

    public PageRecipe withGutterMm(double value) {
        return new PageRecipe(
                value, bothSides, tint, tintPercent, numbers, key, sample, pencil, mends);
    }

    public PageRecipe withBothSides(boolean value) {
        return new PageRecipe(
                gutterMm, value, tint, tintPercent, numbers, key, sample, pencil, mends);
    }

    public PageRecipe withTint(Tint value) {
        return new PageRecipe(
                gutterMm, bothSides, value, tintPercent, numbers, key, sample, pencil, mends);
    }

    public PageRecipe withTintPercent(double value) {
        return new PageRecipe(
                gutterMm, bothSides, tint, value, numbers, key, sample, pencil, mends);
    }

    public PageRecipe withNumbers(boolean value) {
        return new PageRecipe(
                gutterMm, bothSides, tint, tintPercent, value, key, sample, pencil, mends);
    }

    public PageRecipe withKey(boolean value) {
        return new PageRecipe(
                gutterMm, bothSides, tint, tintPercent, numbers, value, sample, pencil, mends);
    }

    public PageRecipe withSample(boolean value) {
        return new PageRecipe(
                gutterMm, bothSides, tint, tintPercent, numbers, key, value, pencil, mends);
    }

    public PageRecipe withPencil(Pencil value) {
        return new PageRecipe(
                gutterMm, bothSides, tint, tintPercent, numbers, key, sample, value, mends);
    }

    public PageRecipe withMends(List<PageMend> value) {
        return new PageRecipe(
                gutterMm, bothSides, tint, tintPercent, numbers, key, sample, pencil, value);
    }

    @Override
    public PageRecipe moved(UnaryOperator<Point> map, double growth) {
        return withMends(mends.stream().map(mend -> mend.moved(map, growth)).toList());
    }
}
