package neattrace.goods.making;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * How a cut stencil is made, mm on the finished thing. The least width of webs is that of the
 * goods.
 *
 * @param away what is cut away
 * @param tieMm how wide ties are
 * @param ties ties that a person put somewhere or does not want
 * @param dropMm2 islands up to this size fall out
 * @param thickened whether webs that are too narrow are made as wide as they must be
 */
public record StencilRecipe(
        Away away, double tieMm, List<TieChoice> ties, double dropMm2, boolean thickened)
        implements OnPage<StencilRecipe> {

    /** What is cut away. */
    public enum Away {
        INK("ink", "the ink"),
        SWATCHES("swatches", "the colours, a sheet for each");

        private final String key;
        private final String label;

        Away(String key, String label) {
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

    /** As is usual in film of 0.2 mm (common practice, no source). */
    public static final StencilRecipe USUAL = new StencilRecipe(Away.INK, 2.5, List.of(), 1, false);

    public StencilRecipe {
        ties = List.copyOf(ties);
        if (!(tieMm >= 0.2 && tieMm <= 50)) {
            throw new IllegalArgumentException("ties are 0.2 to 50 mm wide");
        }
        if (!(dropMm2 >= 0 && dropMm2 <= 10_000)) {
            throw new IllegalArgumentException("islands that fall out have 0 to 10000 mm2");
        }
    }

    public StencilRecipe withAway(Away value) {
        return new StencilRecipe(value, tieMm, ties, dropMm2, thickened);
    }

    public StencilRecipe withTieMm(double value) {
        return new StencilRecipe(away, value, ties, dropMm2, thickened);
    }

    public StencilRecipe withTies(List<TieChoice> value) {
        return new StencilRecipe(away, tieMm, value, dropMm2, thickened);
    }

    public StencilRecipe withDropMm2(double value) {
        return new StencilRecipe(away, tieMm, ties, value, thickened);
    }

    public StencilRecipe withThickened(boolean value) {
        return new StencilRecipe(away, tieMm, ties, dropMm2, value);
    }

    @Override
    public StencilRecipe moved(UnaryOperator<Point> map, double growth) {
        return withTies(ties.stream().map(tie -> tie.moved(map, growth)).toList());
    }
}
