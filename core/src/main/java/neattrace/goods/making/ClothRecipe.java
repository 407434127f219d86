package neattrace.goods.making;

import java.util.Optional;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * Where a print goes on cloth. Its width and the colour of the cloth are those of the goods.
 *
 * @param place on the cloth
 * @param size of the garments
 * @param belowMm from the collar, the shoulder's seam or the bag's hem to the top of the print; 0
 *     for as usual
 * @param signature what is written in the drawing; empty for nothing
 * @param signatureAt its middle, mm on the drawing's page; empty for where it is quietest
 * @param signatureMm how high its small letters are on the cloth
 * @param mirrored whether films are seen from behind, as some printers want them
 */
public record ClothRecipe(
        Place place,
        Size size,
        double belowMm,
        String signature,
        Optional<Point> signatureAt,
        double signatureMm,
        boolean mirrored)
        implements OnPage<ClothRecipe> {

    /** Where it goes. */
    public enum Place {
        CHEST("chest", "the chest"),
        LEFT_CHEST("left-chest", "the left chest"),
        BACK("back", "the back"),
        TOTE("tote", "a tote bag");

        private final String key;
        private final String label;

        Place(String key, String label) {
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

    /** Garments that are printed alike. */
    public enum Size {
        S_M("s-m", "S and M"),
        L_XL("l-xl", "L and XL"),
        XXL("2xl", "2XL and up");

        private final String key;
        private final String label;

        Size(String key, String label) {
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

    /** As is usual (common practice, no source). */
    public static final ClothRecipe USUAL =
            new ClothRecipe(Place.CHEST, Size.L_XL, 0, "", Optional.empty(), 4, false);

    public ClothRecipe {
        signature = signature.strip();
        if (!(belowMm >= 0 && belowMm <= 1000)) {
            throw new IllegalArgumentException("a print lies 0 to 1000 mm below the seam");
        }
        if (!(signature.length() <= 40)) {
            throw new IllegalArgumentException("a signature has at most 40 letters");
        }
        if (!(signatureMm >= 0.5 && signatureMm <= 50)) {
            throw new IllegalArgumentException("letters are 0.5 to 50 mm high");
        }
    }

    public ClothRecipe withPlace(Place value) {
        return new ClothRecipe(value, size, belowMm, signature, signatureAt, signatureMm, mirrored);
    }

    public ClothRecipe withSize(Size value) {
        return new ClothRecipe(
                place, value, belowMm, signature, signatureAt, signatureMm, mirrored);
    }

    public ClothRecipe withBelowMm(double value) {
        return new ClothRecipe(place, size, value, signature, signatureAt, signatureMm, mirrored);
    }

    public ClothRecipe withSignature(String value) {
        return new ClothRecipe(place, size, belowMm, value, signatureAt, signatureMm, mirrored);
    }

    public ClothRecipe withSignatureAt(Optional<Point> value) {
        return new ClothRecipe(place, size, belowMm, signature, value, signatureMm, mirrored);
    }

    public ClothRecipe withSignatureMm(double value) {
        return new ClothRecipe(place, size, belowMm, signature, signatureAt, value, mirrored);
    }

    public ClothRecipe withMirrored(boolean value) {
        return new ClothRecipe(place, size, belowMm, signature, signatureAt, signatureMm, value);
    }

    @Override
    public ClothRecipe moved(UnaryOperator<Point> map, double growth) {
        return withSignatureAt(signatureAt.map(map));
    }
}
