package neattrace.sheet;

/**
 * How a scan becomes ink and paper.
 *
 * @param evenLight whether uneven light and paper tone are evened first
 * @param inkPercent what counts as ink: anything darker than this share of the way from paper white
 *     (0) to ink black (100), above 0 and below 100
 * @param speckMm pieces of ink with less area than a dot of this diameter are dropped, in mm;
 *     {@link #AUTOMATIC} drops {@link #USUAL_SPECK_MM} on noisy scans and nothing on clean drawings
 */
public record SheetRecipe(boolean evenLight, double inkPercent, double speckMm) {

    /** Lets the scan decide about specks. */
    public static final double AUTOMATIC = -1;

    /** Dust smaller than this is dropped from scans (common practice, no source). */
    public static final double USUAL_SPECK_MM = 0.2;

    public SheetRecipe {
        if (!(inkPercent > 0 && inkPercent < 100)) {
            throw new IllegalArgumentException("ink percent must lie between 0 and 100");
        }
        if (!(speckMm == AUTOMATIC || speckMm >= 0 && speckMm <= 20)) {
            throw new IllegalArgumentException("specks must be 0 to 20 mm");
        }
    }

    /** Light evened, the edge half way between paper and ink, specks as the scan needs. */
    public static SheetRecipe automatic() {
        return new SheetRecipe(true, 50, AUTOMATIC);
    }

    /** The same with another ink percent. */
    public SheetRecipe withInkPercent(double percent) {
        return new SheetRecipe(evenLight, percent, speckMm);
    }

    /** The same with another speck size. */
    public SheetRecipe withSpeckMm(double mm) {
        return new SheetRecipe(evenLight, inkPercent, mm);
    }

    /** The same with light evened or not. */
    public SheetRecipe withEvenLight(boolean even) {
        return new SheetRecipe(even, inkPercent, speckMm);
    }
}
