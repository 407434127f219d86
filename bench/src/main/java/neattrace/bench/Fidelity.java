package neattrace.bench;

import java.util.List;
import java.util.Locale;
import neattrace.geom.deviation.OutlineDistance;
import neattrace.progress.Progress;
import neattrace.raster.GreySheet;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;
import neattrace.standin.skerry.SkerryMail;
import neattrace.trace.Tracer;
import neattrace.trace.Tracing;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

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
                "%-12s %-8s %6s %7s %7s %7s %9s %9s %8s %7s%n",
                "drawing",
                "source",
                "px",
                "mean",
                "99 %",
                "max",
                "parts",
                "holes",
                "seg/kpx",
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
                        oneBit ? Tracer.ONE_BIT_ERROR_PX : Tracer.USUAL_ERROR_PX,
                        Progress.SILENT);
        long millis = (System.nanoTime() - start) / 1_000_000;
        Geometry truth =
                AffineTransformation.scaleInstance(pxPerMm, pxPerMm).transform(drawing.ink());
        List<double[]> trueRings = OutlineDistance.rings(truth);
        OutlineDistance distance =
                OutlineDistance.between(
                        trueRings, OutlineDistance.rings(tracing.outlines(), 0.005));
        double length = OutlineDistance.length(trueRings);
        int[] counts = counts(truth);
        System.out.printf(
                Locale.ROOT,
                "%-12s %-8s %6d %7.3f %7.3f %7.2f %4d/%-4d %4d/%-4d %8.1f %7d%n",
                name,
                kind,
                side,
                distance.mean(),
                distance.percentile99(),
                distance.max(),
                tracing.outlines().size(),
                counts[0],
                tracing.holes(),
                counts[1],
                tracing.segments() * 1000 / length,
                millis);
    }

    private static int[] counts(Geometry geometry) {
        int parts = geometry.getNumGeometries();
        int holes = 0;
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            Polygon polygon = (Polygon) geometry.getGeometryN(i);
            holes += polygon.getNumInteriorRing();
        }
        return new int[] {parts, holes};
    }
}
