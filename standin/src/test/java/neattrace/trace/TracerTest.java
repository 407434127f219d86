package neattrace.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.CancellationException;
import neattrace.geom.OutlineDistance;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.raster.Resolution;
import neattrace.raster.RunLabels;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.stage.Progress;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;
import neattrace.standin.skerry.SkerryMail;
import neattrace.testing.Drawings;
import neattrace.testing.Labels;
import neattrace.testing.Sheets;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

class TracerTest {

    /**
     * The floor for a clean drawing of 1200 px, against the vectors it was rendered from: mean 0.05
     * px, 99 % within 0.20 px (the glasshouse, all small panes with rounded corners, 0.22), all
     * pieces and holes, at most 40 segments per 1000 px of outline.
     */
    @ParameterizedTest
    @EnumSource(SkerryMail.class)
    void cleanDrawingsComeBackAsTheyWereDrawn(SkerryMail mail) {
        PenDrawing drawing = Drawings.of(mail);
        double ppi =
                Resolution.MM_PER_INCH * 1200 / Math.max(drawing.widthMm(), drawing.heightMm());
        double pxPerMm = ppi / Resolution.MM_PER_INCH;
        GreySheet sheet = StandInScanner.scan(drawing, ScanSettings.clean(ppi));
        InkMap map = InkMapper.read(sheet, SheetRecipe.automatic(), pxPerMm, Progress.SILENT).map();
        Tracing tracing =
                Tracer.trace(map, new TraceSettings(Tracer.USUAL_ERROR_PX, false), Progress.SILENT);

        Geometry truth =
                AffineTransformation.scaleInstance(pxPerMm, pxPerMm).transform(drawing.ink());
        List<double[]> trueRings = OutlineDistance.rings(truth);
        OutlineDistance distance =
                OutlineDistance.between(trueRings, OutlineDistance.rings(tracing.outlines(), 0.01));
        assertThat(distance.mean()).isLessThanOrEqualTo(0.05);
        assertThat(distance.percentile99())
                .isLessThanOrEqualTo(mail == SkerryMail.GLASSHOUSE ? 0.22 : 0.20);
        assertThat(tracing.outlines()).hasSize(truth.getNumGeometries());
        assertThat(tracing.holes()).isEqualTo(holes(truth));
        assertThat(1000 * tracing.segments() / OutlineDistance.length(trueRings))
                .isLessThanOrEqualTo(40);
    }

    private static int holes(Geometry geometry) {
        int holes = 0;
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            holes += ((Polygon) geometry.getGeometryN(i)).getNumInteriorRing();
        }
        return holes;
    }

    /** Curves follow the pen and not the grain of the paper. */
    @Test
    void grainTakesHardlyMoreCurves() {
        int side = 400;
        byte[] clean = new byte[side * side];
        byte[] grainy = new byte[side * side];
        SplittableRandom chance = new SplittableRandom(5);
        for (int i = 0; i < clean.length; i++) {
            double dx = i % side + 0.5 - 200;
            double dy = i / side + 0.5 - 200;
            double r = 120 + 25 * Math.sin(3 * Math.atan2(dy, dx));
            double dark = 127.5 + 80 * (r - Math.hypot(dx, dy));
            clean[i] = (byte) Math.max(0, Math.min(255, dark));
            double noise = 40 * (chance.nextDouble() + chance.nextDouble() - 1);
            grainy[i] = (byte) Math.max(0, Math.min(255, dark + noise));
        }
        TraceSettings settings = new TraceSettings(0.1, false);
        int curves =
                Tracer.trace(new InkMap(side, side, clean), settings, Progress.SILENT).segments();
        int noisy =
                Tracer.trace(new InkMap(side, side, grainy), settings, Progress.SILENT).segments();
        assertThat(noisy).isLessThanOrEqualTo(2 * curves);
    }

    @Property(tries = 25, seed = "20261")
    void everyPieceAndEveryHoleIsThere(
            @ForAll long seed, @ForAll @DoubleRange(min = 0.1, max = 0.7) double share) {
        InkMap map = Sheets.blocks(seed, 48, share);
        Tracing tracing = Tracer.trace(map, new TraceSettings(0.3, false), Progress.SILENT);
        int pieces = RunLabels.of(map, true, true).count();
        int w = 50;
        int holes = Labels.of(w, w, i -> !map.isInk(i % w - 1, i / w - 1), false).count() - 1;
        assertThat(tracing.outlines()).hasSize(pieces);
        assertThat(tracing.holes()).isEqualTo(holes);
    }

    @Test
    void theMeasuredDeviationIsTheLargestOfTheListedOnes() {
        Tracing tracing =
                Tracer.trace(
                        Sheets.blocks(3, 80, 0.3), new TraceSettings(0.3, false), Progress.SILENT);
        assertThat(tracing.maxDeviation()).isEqualTo(tracing.deviations().get(0).distance());
        assertThat(tracing.meanDeviation()).isBetween(0.0, tracing.maxDeviation());
        assertThat(tracing.deviations())
                .extracting(Deviation::distance)
                .isSortedAccordingTo((a, b) -> Double.compare(b, a));
    }

    @Test
    void paperIsNoObject() {
        Tracing tracing =
                Tracer.trace(
                        Sheets.map("....", "....", "...."),
                        new TraceSettings(0.3, false),
                        Progress.SILENT);
        assertThat(tracing.outlines()).isEmpty();
        assertThat(tracing.meanDeviation()).isZero();
    }

    @Test
    void aBoundOfNothingIsRefused() {
        InkMap map = Sheets.map(".#.");
        assertThatThrownBy(() -> Tracer.trace(map, new TraceSettings(0, false), Progress.SILENT))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(
                        () ->
                                Tracer.trace(
                                        map, new TraceSettings(Double.NaN, false), Progress.SILENT))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void stopsWhenToldTo() {
        Progress stop =
                (step, share) -> {
                    throw new CancellationException();
                };
        assertThatThrownBy(
                        () ->
                                Tracer.trace(
                                        Sheets.blocks(1, 64, 0.4),
                                        new TraceSettings(0.3, false),
                                        stop))
                .isInstanceOf(CancellationException.class);
    }
}
