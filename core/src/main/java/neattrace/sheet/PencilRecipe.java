package neattrace.sheet;

/**
 * What happens to a coloured under-drawing.
 *
 * @param use dropped, or the only thing kept
 * @param colour which pencil
 */
public record PencilRecipe(Use use, Colour colour) {

    /** Every colour counts as grey. */
    public static final PencilRecipe GREY = new PencilRecipe(Use.NONE, Colour.BLUE);

    /** What to do with the pencil. */
    public enum Use {
        /** Nothing: colours count by their brightness. */
        NONE,
        /** The pencil goes, dark ink over it stays. */
        DROP,
        /** Only the pencil's lines stay. */
        KEEP
    }

    /** The usual colours of under-drawings. */
    public enum Colour {
        BLUE(215),
        RED(355),
        GREEN(130);

        private final double hue;

        Colour(double hue) {
            this.hue = hue;
        }

        /** Typical hue, degrees. */
        public double hue() {
            return hue;
        }
    }
}
