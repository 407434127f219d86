package neattrace.sheet.ink;

import neattrace.raster.GreySheet;
import neattrace.raster.Picture;
import neattrace.sheet.SheetFrame;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.light.PencilSplit;
import neattrace.stage.Progress;

/**
 * The scan's grey on the sheet's grid.
 *
 * @param picture what it was made from
 * @param frame how the sheet lies in the scan
 * @param grey the sheet, still in its own light
 * @param masked what is erased and what is protected
 * @param oneBit whether the picture had only black and white
 */
record LaidSheet(Picture picture, SheetFrame frame, GreySheet grey, Masked masked, boolean oneBit) {

    static LaidSheet of(Picture picture, SheetRecipe recipe, Progress progress) {
        SheetFrame frame = SheetFrame.of(recipe.frame(), picture.width(), picture.height());
        GreySheet grey = PencilSplit.grey(picture, recipe.pencil());
        boolean oneBit = grey.isOneBit() && !isPlain(grey);
        if (recipe.negative()) {
            grey = inverted(grey);
        }
        if (oneBit) {
            grey = smooth(grey);
        }
        GreySheet laid = frame.lay(grey, progress);
        Masked masked = Masked.of(recipe.masks(), frame.toSheet(), frame.width(), frame.height());
        return new LaidSheet(picture, frame, laid, masked, oneBit);
    }

    /** Whether another recipe would lay the same picture in the same way. */
    boolean serves(Picture other, SheetRecipe before, SheetRecipe now) {
        return other == picture
                && before.frame().equals(now.frame())
                && before.masks().equals(now.masks())
                && before.pencil().equals(now.pencil())
                && before.negative() == now.negative();
    }

    private static GreySheet inverted(GreySheet sheet) {
        byte[] samples = new byte[sheet.samples().length];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (byte) ~sheet.samples()[i];
        }
        return new GreySheet(sheet.width(), sheet.height(), samples);
    }

    private static boolean isPlain(GreySheet sheet) {
        byte first = sheet.samples()[0];
        for (byte sample : sheet.samples()) {
            if (sample != first) {
                return false;
            }
        }
        return true;
    }

    private static GreySheet smooth(GreySheet sheet) {
        int darkest = 255;
        int brightest = 0;
        for (byte sample : sheet.samples()) {
            darkest = Math.min(darkest, sample & 0xff);
            brightest = Math.max(brightest, sample & 0xff);
        }
        byte[] coverage = OneBitSmoother.coverage(sheet, (darkest + brightest) / 2);
        for (int i = 0; i < coverage.length; i++) {
            coverage[i] = (byte) ~coverage[i];
        }
        return new GreySheet(sheet.width(), sheet.height(), coverage);
    }
}
