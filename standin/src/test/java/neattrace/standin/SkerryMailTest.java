package neattrace.standin;

import static org.assertj.core.api.Assertions.assertThat;

import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.raster.GreySheet;
import neattrace.stage.Progress;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.pen.PenDrawing.KnownGap;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;
import neattrace.standin.skerry.SkerryJobs;
import neattrace.standin.skerry.SkerryMail;
import neattrace.testing.Drawings;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

@Tag("thorough")
class SkerryMailTest {

    private static int holes(Geometry geometry) {
        int holes = 0;
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            holes += ((Polygon) geometry.getGeometryN(i)).getNumInteriorRing();
        }
        return holes;
    }

    /**
     * At 1200 px a third of a pixel more or less of ink changes no piece and no hole: the drawings
     * hold nothing a raster of that size could not hold, so counts can be compared exactly.
     */
    @ParameterizedTest
    @EnumSource(SkerryMail.class)
    void drawingsHoldNothingFinerThanTheirPen(SkerryMail mail) {
        PenDrawing drawing = Drawings.of(mail);
        double third = Math.max(drawing.widthMm(), drawing.heightMm()) / 1200 / 3;
        assertThat(drawing.ink().isValid()).isTrue();
        for (double by : new double[] {-third, third}) {
            Geometry other = drawing.ink().buffer(by, 12);
            assertThat(other.getNumGeometries()).isEqualTo(drawing.ink().getNumGeometries());
            assertThat(holes(other)).isEqualTo(holes(drawing.ink()));
        }
    }

    @ParameterizedTest
    @EnumSource(SkerryMail.class)
    void knownGapsAreRealGapsOfTheWidthTheySay(SkerryMail mail) {
        PenDrawing drawing = Drawings.of(mail);
        assertThat(drawing.gaps()).hasSizeGreaterThanOrEqualTo(2);
        for (KnownGap gap : drawing.gaps()) {
            assertThat(gap.widthMm()).isBetween(0.2, 1.5);
            Point at = gap.place();
            double toInk =
                    new GeometryFactory()
                            .createPoint(new Coordinate(at.x(), at.y()))
                            .distance(drawing.ink());
            assertThat(toInk).isBetween(0.4 * gap.widthMm(), 0.6 * gap.widthMm());
        }
    }

    @Test
    void theGlasshouseHasSixtyAreasAndMore() throws Exception {
        Drawing drawing =
                new Pipeline()
                        .run(
                                SkerryJobs.job(
                                        SkerryMail.GLASSHOUSE, Drawings.of(SkerryMail.GLASSHOUSE)),
                                Progress.SILENT);
        assertThat(drawing.areas().enclosed()).hasSizeGreaterThan(60);
        double roomy =
                drawing.areas().enclosed().stream()
                        .filter(area -> drawing.squareMm(area) > 4)
                        .count();
        assertThat(roomy).as("large enough for a pencil").isGreaterThan(60);
    }

    @ParameterizedTest
    @EnumSource(SkerryMail.class)
    void everyFillOfTheDemoFindsItsOwnArea(SkerryMail mail) throws Exception {
        Job job = SkerryJobs.job(mail, Drawings.of(mail));
        Drawing drawing = new Pipeline().run(job, Progress.SILENT);
        assertThat(drawing.attachment().lost()).isEmpty();
        assertThat(drawing.attachment().swatchOf()).hasSize(job.fills().size());
        for (var fill : job.fills()) {
            assertThat(drawing.areaAt(fill.anchor()).orElseThrow().outside()).isFalse();
        }
    }

    @Test
    void theSameSeedGivesTheSameScanAndAnotherSeedAnother() {
        PenDrawing drawing = Drawings.of(SkerryMail.PUFFIN);
        GreySheet first = StandInScanner.scan(drawing, ScanSettings.everyday(100, 7));
        GreySheet again = StandInScanner.scan(drawing, ScanSettings.everyday(100, 7));
        GreySheet other = StandInScanner.scan(drawing, ScanSettings.everyday(100, 8));
        assertThat(again.samples()).isEqualTo(first.samples());
        assertThat(other.samples()).isNotEqualTo(first.samples());
    }

    @Test
    void anEverydayScanHasUnevenPaperAndADarkStrip() {
        GreySheet scan =
                StandInScanner.scan(Drawings.of(SkerryMail.MOTH), ScanSettings.everyday(100, 1));
        double corner = mean(scan, 40, 20);
        double far = mean(scan, scan.width() - 30, scan.height() - 30);
        assertThat(corner - far).isGreaterThan(10);
        assertThat(mean(scan, 1, scan.height() / 2)).isLessThan(corner - 15);
    }

    private static double mean(GreySheet sheet, int x, int y) {
        double sum = 0;
        for (int dy = 0; dy < 8; dy++) {
            for (int dx = 0; dx < 8; dx++) {
                sum += sheet.at(Math.min(sheet.width() - 1, x + dx), y + dy);
            }
        }
        return sum / 64;
    }

    @Test
    void aCleanScanIsBlackOnWhite() {
        GreySheet scan = StandInScanner.scan(Drawings.of(SkerryMail.MOTH), ScanSettings.clean(100));
        assertThat(scan.at(1, 1)).isEqualTo(255);
        assertThat(scan.histogram()[0]).isGreaterThan(1000);
    }
}
