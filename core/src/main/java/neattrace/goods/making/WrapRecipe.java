package neattrace.goods.making;

import java.util.List;

/**
 * What goes round a mug. The wrap's size and what stays clear of the handle are those of the goods.
 *
 * @param motifs where the drawing lies on it, once or several times; empty for once in the middle
 * @param diameterMm of the mug
 * @param leftHanded whether it is held in the left hand
 */
public record WrapRecipe(List<Motif> motifs, double diameterMm, boolean leftHanded) {

    /** No wrap has more motifs. */
    public static final int MOST_MOTIFS = 60;

    /** A usual mug (common practice, no source). */
    public static final WrapRecipe USUAL = new WrapRecipe(List.of(), 82, false);

    public WrapRecipe {
        motifs = List.copyOf(motifs);
        if (!(diameterMm >= 30 && diameterMm <= 300)) {
            throw new IllegalArgumentException("a mug is 30 to 300 mm wide");
        }
        if (!(motifs.size() <= MOST_MOTIFS)) {
            throw new IllegalArgumentException("a wrap has at most 60 motifs");
        }
    }

    public WrapRecipe withMotifs(List<Motif> value) {
        return new WrapRecipe(value, diameterMm, leftHanded);
    }

    public WrapRecipe withDiameterMm(double value) {
        return new WrapRecipe(motifs, value, leftHanded);
    }

    public WrapRecipe withLeftHanded(boolean value) {
        return new WrapRecipe(motifs, diameterMm, value);
    }
}
