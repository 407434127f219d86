package neattrace.bench;

import java.util.Locale;
import neattrace.raster.GreySheet;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Progress;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;
import neattrace.standin.skerry.SkerryMail;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;
import neattrace.trace.Tracing;

/**
 * The fidelity benchmark: drawings whose vectors are known are rendered, traced with automatic
 * settings, and the distance between the true and the traced outline is measured both ways.
 */
public final class Fidelity {

    private Fidelity() {}

    /** Prints one row for each drawing and kind of source. */
    public static void main(String[] arguments) {
        System.out.printf(
                Locale.ROOT,
                "%-12s %-8s %6s %s %7s%n",
                "drawing",
                "source",
                "px",
                Measured.HEADING,
                "ms");
        for (SkerryMail mail : SkerryMail.values()) {
            PenDrawing drawing = mail.draw();
            report(mail.name(), "grey", drawing, 1200, false, false);
            report(mail.name(), "one-bit", drawing, 600, true, false);
            report(mail.name(), "scan", drawing, 1200, false, true);
        }
    }

    private static void report(
            String name, String kind, PenDrawing drawing, int side, boolean oneBit, boolean noisy) {
        double ppi = 25.4 * side / Math.max(drawing.widthMm(), drawing.heightMm());
        double pxPerMm = ppi / 25.4;
        ScanSettings settings =
                noisy
                        ? new ScanSettings(ppi, 5, 0, 3.2, 0.16, 0.3, 60, 0.13)
                        : ScanSettings.clean(ppi);
        GreySheet sheet = StandInScanner.scan(drawing, settings);
        if (oneBit) {
            byte[] samples = sheet.samples();
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (samples[i] & 0xff) < 128 ? 0 : (byte) 255;
            }
        }
        long start = System.nanoTime();
        InkReading reading =
                InkMapper.read(sheet, SheetRecipe.automatic(), pxPerMm, Progress.SILENT);
        Tracing tracing =
                Tracer.trace(
                        reading.map(),
                        new TraceSettings(Tracer.USUAL_ERROR_PX, reading.oneBit()),
                        Progress.SILENT);
        long millis = (System.nanoTime() - start) / 1_000_000;
        System.out.printf(
                Locale.ROOT,
                "%-12s %-8s %6d %s %7d%n",
                name,
                kind,
                side,
                Measured.of(drawing, pxPerMm, tracing).row(),
                millis);
    }
}
