package neattrace.goods.cloth;

import neattrace.goods.making.ClothRecipe;

/** Where prints go on cloth, mm (common practice, no source). */
public final class ClothPlaces {

    /** Prints on small and on large garments, as a share of those on L and XL. */
    private static final double SMALLER = 0.9;

    private static final double LARGER = 1.1;

    private ClothPlaces() {}

    /** The usual width at a place on L and XL, mm. */
    public static double widthMm(ClothRecipe.Place place) {
        return switch (place) {
            case CHEST -> 280;
            case LEFT_CHEST -> 90;
            case BACK -> 320;
            case TOTE -> 260;
        };
    }

    /** What the print's upper edge is measured from, in a person's words. */
    public static String from(ClothRecipe.Place place) {
        return switch (place) {
            case CHEST, BACK -> "the collar";
            case LEFT_CHEST -> "the shoulder seam";
            case TOTE -> "the hem";
        };
    }

    /** How far below that it usually lies, mm. */
    public static double belowMm(ClothRecipe.Place place) {
        return switch (place) {
            case CHEST -> 85;
            case LEFT_CHEST -> 190;
            case BACK -> 100;
            case TOTE -> 90;
        };
    }

    /** How far below that a print lies: as it is wanted, else as usual, mm. */
    public static double belowMm(ClothRecipe recipe) {
        return recipe.belowMm() > 0 ? recipe.belowMm() : belowMm(recipe.place());
    }

    /** How far its middle lies to the wearer's left of the garment's, mm. */
    public static double asideMm(ClothRecipe.Place place) {
        return place == ClothRecipe.Place.LEFT_CHEST ? 100 : 0;
    }

    /** How many times as large as on L and XL it is printed; bags come in one size. */
    public static double step(ClothRecipe.Size size, ClothRecipe.Place place) {
        if (place == ClothRecipe.Place.TOTE) {
            return 1;
        }
        return switch (size) {
            case S_M -> SMALLER;
            case L_XL -> 1;
            case XXL -> LARGER;
        };
    }
}
