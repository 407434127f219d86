package neattrace.bench;

import java.util.List;
import java.util.Locale;
import neattrace.progress.Progress;
import neattrace.raster.GreySheet;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.scanner.Wear;
import neattrace.standin.skerry.SkerryMail;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;
import neattrace.trace.Tracing;

/**
 * Noisy scans and photos of drawings whose vectors are known, all with automatic settings: what is
 * left of the truth once the sheet is made.
 */
public final class Scans {

    private record Way(String name, Wear wear) {}

    private static final List<Way> WAYS =
            List.of(
                    new Way("grain 3", new Wear(3, 0, 0, 1, 0, 0, 0, 0)),
                    new Way("grain 8", new Wear(8, 0, 0, 1, 0, 0, 0, 0.5)),
                    new Way("grain 14", new Wear(14, 0.1, 0, 1, 0, 0, 0, 0.5)),
                    new Way("shade 0.3", new Wear(3, 0.3, 0, 1, 0, 0, 0, 0)),
                    new Way("dust 300", new Wear(3, 0.1, 0, 1, 300, 0.15, 0, 0)),
                    new Way("spine 0.5", new Wear(4, 0.15, 0.5, 12, 60, 0.1, 0, 0)),
                    new Way("spine 0.8", new Wear(4, 0.15, 0.8, 8, 60, 0.1, 0, 0.5)),
                    new Way("jpeg 75", new Wear(4, 0.15, 0.3, 9, 60, 0.1, 75, 0)),
                    new Way("jpeg 40", new Wear(4, 0.15, 0.3, 9, 60, 0.1, 40, 0.5)),
                    new Way("all", new Wear(6, 0.25, 0.6, 10, 150, 0.15, 70, 0.5)),
                    new Way("photo 2:1", new Wear(3, 0.5, 0, 1, 20, 0, 85, 0.7)),
                    new Way("photo dim", new Wear(6, 0.55, 0.2, 20, 60, 0.1, 75, 0.9)));

    private Scans() {}

    /** Prints one row for each drawing and way of spoiling. */
    public static void main(String[] arguments) {
        String only = arguments.length > 0 ? arguments[0] : "";
        System.out.printf(
                Locale.ROOT,
                "%-12s %-10s %s %6s %6s%n",
                "drawing",
                "spoiled by",
                Measured.HEADING,
                "ink %",
                "ms");
        for (SkerryMail mail : SkerryMail.values()) {
            PenDrawing drawing = mail.draw();
            for (Way way : WAYS) {
                if ((mail.name() + way.name()).contains(only)) {
                    report(mail.name(), way, drawing);
                }
            }
        }
    }

    private static void report(String name, Way way, PenDrawing drawing) {
        double pxPerMm = 1200 / Math.max(drawing.widthMm(), drawing.heightMm());
        GreySheet sheet = way.wear().scan(drawing, pxPerMm * 25.4, name.hashCode());
        long start = System.nanoTime();
        InkReading reading =
                InkMapper.read(sheet, SheetRecipe.automatic(), pxPerMm, Progress.SILENT);
        Tracing tracing =
                Tracer.trace(
                        reading.map(),
                        new TraceSettings(Tracer.USUAL_ERROR_PX, false),
                        Progress.SILENT);
        long millis = (System.nanoTime() - start) / 1_000_000;
        System.out.printf(
                Locale.ROOT,
                "%-12s %-10s %s %6.1f %6d%n",
                name,
                way.name(),
                Measured.of(drawing, pxPerMm, tracing).row(),
                reading.inkPercent(),
                millis);
    }
}
