package neattrace.sheet.ink;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.QuadCurve2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.SplittableRandom;
import neattrace.geom.OutlineDistance;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.sheet.SheetRecipe;
import neattrace.stage.Progress;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.scanner.ScanConditions;
import neattrace.standin.scanner.ScanSimulator;
import neattrace.standin.scanner.Wear;
import neattrace.standin.scanner.WornScan;
import neattrace.standin.skerry.SkerryMail;
import neattrace.testing.Drawings;
import neattrace.testing.Pictures;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;
import neattrace.trace.Tracing;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Noisy scans and photos of drawings whose vectors are known, with automatic settings. The floors
 * are those of docs/measures.md; the distances are measured both ways, to a fraction of a pixel.
 */
@Tag("thorough")
class NoisyScanTest {

    private static void assertTrue(
            SkerryMail mail, Wear wear, double mostMean, double most99Percent) {
        PenDrawing drawing = Drawings.of(mail);
        double pxPerMm = 1200 / Math.max(drawing.widthMm(), drawing.heightMm());
        GreySheet scan = wear.scan(drawing, pxPerMm * 25.4, 77 + mail.ordinal());
        InkReading reading =
                InkMapper.read(scan, SheetRecipe.automatic(), pxPerMm, Progress.SILENT);
        Tracing tracing =
                Tracer.trace(
                        reading.map(),
                        new TraceSettings(Tracer.USUAL_ERROR_PX, false),
                        Progress.SILENT);
        Geometry truth =
                AffineTransformation.scaleInstance(pxPerMm, pxPerMm).transform(drawing.ink());
        int holes = 0;
        for (int i = 0; i < truth.getNumGeometries(); i++) {
            holes += ((Polygon) truth.getGeometryN(i)).getNumInteriorRing();
        }
        assertThat(tracing.outlines()).as("pieces of ink").hasSize(truth.getNumGeometries());
        assertThat(tracing.holes()).as("holes").isEqualTo(holes);
        OutlineDistance distance =
                OutlineDistance.between(
                        OutlineDistance.rings(truth),
                        OutlineDistance.rings(tracing.outlines(), 0.005));
        assertThat(distance.mean()).isLessThanOrEqualTo(mostMean);
        assertThat(distance.percentile99()).isLessThanOrEqualTo(most99Percent);
    }

    @ParameterizedTest
    @CsvSource({
        // drawing, grain, falloff, spine, mm, dust, smudge, jpeg, blur
        "PUFFIN, 8, 0.1, 0, 1, 0, 0, 0, 0.5",
        "MAIL_BOAT, 4, 0.15, 0.8, 8, 60, 0.1, 0, 0.5",
        "GLASSHOUSE, 3, 0.1, 0, 1, 300, 0.15, 0, 0",
        "GLASSHOUSE, 5, 0.2, 0.5, 10, 80, 0.1, 75, 0.4",
        "MOTH, 6, 0.25, 0.6, 10, 150, 0.15, 70, 0.5"
    })
    void scansWithGrainShadeDustSpineAndLoss(
            SkerryMail mail,
            double grain,
            double falloff,
            double spine,
            double spineMm,
            int dust,
            double smudge,
            int jpeg,
            double blur) {
        assertTrue(
                mail,
                new Wear(grain, falloff, spine, spineMm, dust, smudge, jpeg, blur),
                0.10,
                0.35);
    }

    @Test
    void aPhotoTwiceAsDarkInItsFarCornerIsHalfAsTrue() {
        assertTrue(SkerryMail.MOTH, new Wear(3, 0.5, 0, 1, 20, 0, 85, 0.7), 0.20, 0.70);
        assertTrue(SkerryMail.PUFFIN, new Wear(5, 0.5, 0, 1, 20, 0, 80, 0.8), 0.20, 0.70);
    }

    /**
     * Conditions and seeds drawn at random once and held: few pieces, much dust, texture in the
     * ink, stains, a lens. Half way from paper to ink is known, and so is every speck.
     */
    @ParameterizedTest
    @CsvSource({
        // seed, lines, pen px, kind
        "1, 1, 9, SCAN",
        "2, 3, 16, SCAN",
        "3, 5, 6, SCAN",
        "4, 2, 24, SCAN",
        "5, 4, 11, PHOTO",
        "6, 2, 8, PHOTO",
        "7, 6, 14, ONE_BIT",
        "8, 3, 20, SCAN"
    })
    void simpleDrawingsOnDustyPaper(long seed, int lines, double pen, ScanConditions.Kind kind) {
        GreySheet clean = fewLines(seed, lines, pen);
        ScanConditions how =
                ScanConditions.random(new SplittableRandom(seed), kind, pen, clean.width());
        WornScan worn = ScanSimulator.scan(clean, how, seed);
        InkReading reading =
                InkMapper.read(worn.sheet(), SheetRecipe.automatic(), 300 / 25.4, Progress.SILENT);
        assertThat(reading.inkPercent()).as("half way").isBetween(46.0, 54.0);
        InkMap map = reading.map();
        long kept =
                worn.dust().stream()
                        .filter(speck -> map.isInk((int) speck.at().x(), (int) speck.at().y()))
                        .count();
        assertThat(kept).as("of %d specks", worn.dust().size()).isZero();
        RunLabels pieces = RunLabels.of(map, true, true);
        RunLabels truth =
                RunLabels.of(clean.samples(), clean.width(), clean.height(), 128, false, true);
        assertThat(pieces.count()).isEqualTo(truth.count());
    }

    /** Arcs across the sheet, each a piece of its own, with a full stop behind every second one. */
    private static GreySheet fewLines(long seed, int lines, double pen) {
        int side = 640;
        BufferedImage image = Pictures.plain(side, side, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(
                RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setColor(Color.BLACK);
        graphics.setStroke(
                new BasicStroke((float) pen, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        double step = (side - 80.0) / lines;
        SplittableRandom chance = new SplittableRandom(seed);
        for (int k = 0; k < lines; k++) {
            double y = 60 + k * step;
            graphics.draw(
                    new QuadCurve2D.Double(
                            60, y, 300, y + chance.nextDouble(-0.3, 0.3) * step, 470, y));
            if (k % 2 == 0) {
                graphics.fill(new Ellipse2D.Double(530, y - pen * 0.55, 1.1 * pen, 1.1 * pen));
            }
        }
        graphics.dispose();
        byte[] samples = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        return new GreySheet(side, side, samples);
    }
}
