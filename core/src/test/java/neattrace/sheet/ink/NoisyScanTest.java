package neattrace.sheet.ink;

import static org.assertj.core.api.Assertions.assertThat;

import neattrace.geom.deviation.OutlineDistance;
import neattrace.progress.Progress;
import neattrace.raster.GreySheet;
import neattrace.sheet.SheetRecipe;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.scanner.Wear;
import neattrace.standin.skerry.SkerryMail;
import neattrace.testing.Drawings;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;
import neattrace.trace.Tracing;
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
}
