package neattrace.job.sheets;

import neattrace.sheet.SheetRecipe;

/**
 * What is to be made of scans.
 *
 * @param recipe for all of them
 * @param ppi resolution of the scans, or 0 to take each file's own
 * @param outPpi resolution of the results, or 0 for the sheet's own
 * @param corners whether a sheet on a darker ground is straightened by its four corners
 * @param level whether each is turned level by its own straight lines, if they leave no doubt
 * @param crop whether each is cropped to its drawing and a margin
 */
public record SheetWish(
        SheetRecipe recipe,
        double ppi,
        double outPpi,
        boolean corners,
        boolean level,
        boolean crop) {

    /** The recipe, at the scan's own resolution, uncropped and not turned. */
    public static SheetWish of(SheetRecipe recipe) {
        return new SheetWish(recipe, 0, 0, false, false, false);
    }
}
