package neattrace.job;

import neattrace.raster.Resolution;
import neattrace.sheet.SheetRecipe;

/**
 * What was decided about the sheet.
 *
 * @param ppi pixels per inch of the scan as set by the user, or 0 to take the file's own
 * @param recipe how the scan becomes ink
 */
public record SheetSection(double ppi, SheetRecipe recipe) {

    /** Everything left to the scan. */
    public static final SheetSection AUTOMATIC = new SheetSection(0, SheetRecipe.automatic());

    public SheetSection {
        if (ppi != 0 && !Resolution.isSensible(ppi)) {
            throw new IllegalArgumentException("ppi must be 10 to 20000");
        }
    }
}
