package neattrace.standin.scanner;

import java.util.SplittableRandom;
import neattrace.raster.Gaussian;
import neattrace.raster.GreySheet;
import neattrace.standin.pen.PenDrawing;

/**
 * How badly a scan or a photo turns out, beyond an everyday scan.
 *
 * @param grain standard deviation of the brightness, 0 to 255
 * @param falloff how much darker the far corner is, 0 to 1
 * @param spine how dark the shadow along the left edge is at its darkest, 0 to 1
 * @param spineMm how wide that shadow is, mm
 * @param dust number of specks
 * @param smudge how dark smudge and postmark are, 0 to 1
 * @param jpeg quality 1 to 100 of a lossy file; 0 for none
 * @param blurPx standard deviation of the lens's blur, px
 */
public record Wear(
        double grain,
        double falloff,
        double spine,
        double spineMm,
        int dust,
        double smudge,
        int jpeg,
        double blurPx) {

    /** Scans a drawing badly; the same seed gives the same scan to the last bit. */
    public GreySheet scan(PenDrawing drawing, double ppi, long seed) {
        // A trace of grain makes the scanner lay paper and ink tones at all.
        ScanSettings settings = new ScanSettings(ppi, seed, 0, 0.001, falloff, 0, dust, smudge);
        GreySheet sheet = StandInScanner.scan(drawing, settings);
        byte[] worn = Gaussian.blur(sheet.samples(), sheet.width(), sheet.height(), blurPx);
        SplittableRandom chance = new SplittableRandom(seed);
        double pxPerMm = ppi / 25.4;
        for (int i = 0; i < worn.length; i++) {
            double shadows = i % sheet.width() / pxPerMm / spineMm;
            double light = 1 - spine * Math.exp(-shadows * shadows);
            double value = (worn[i] & 0xff) * light + grain * chance.nextGaussian();
            worn[i] = (byte) (int) Math.max(0, Math.min(255, Math.rint(value)));
        }
        GreySheet result = new GreySheet(sheet.width(), sheet.height(), worn);
        return jpeg == 0 ? result : LossyFile.through(result, jpeg);
    }
}
