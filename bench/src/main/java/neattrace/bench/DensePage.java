package neattrace.bench;

import neattrace.raster.GreySheet;
import neattrace.raster.Resolution;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;
import neattrace.standin.skerry.SkerryMail;

/**
 * The page that speed is measured on: the glasshouse as scanned.
 *
 * @param sheet the scan
 * @param pxPerMm its resolution
 */
record DensePage(GreySheet sheet, double pxPerMm) {

    /** The page at so many millions of pixels. */
    static DensePage of(double megapixels) {
        PenDrawing drawing = SkerryMail.GLASSHOUSE.draw();
        double pxPerMm = Math.sqrt(megapixels * 1e6 / drawing.widthMm() / drawing.heightMm());
        ScanSettings settings = ScanSettings.everyday(pxPerMm * Resolution.MM_PER_INCH, 3);
        return new DensePage(StandInScanner.scan(drawing, settings), pxPerMm);
    }
}
