package neattrace.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Graphics2D;
import java.awt.geom.CubicCurve2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.Consumer;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.OutlineDistance;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import neattrace.trace.fit.CrossingFinder;
import org.junit.jupiter.api.Test;

/**
 * Tracing again after an edit gives what tracing from scratch does, and keeps what did not change.
 */
class RetraceTest {

    private static final TraceSettings GREY = new TraceSettings(0.2, false);

    private static final Consumer<Graphics2D> DRAWING =
            DrawnInk.pen(
                    6,
                    new Ellipse2D.Double(60, 50, 280, 250),
                    new CubicCurve2D.Double(40, 300, 150, 60, 260, 400, 380, 120),
                    new Line2D.Double(20, 350, 390, 360),
                    new Ellipse2D.Double(180, 150, 30, 40));

    private static InkEdit edit(double... strokeMm) {
        int n = strokeMm.length / 3;
        double[] x = new double[n];
        double[] y = new double[n];
        double[] w = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = strokeMm[3 * i];
            y[i] = strokeMm[3 * i + 1];
            w[i] = strokeMm[3 * i + 2];
        }
        return new InkEdit(
                "Line drawn",
                new Point(x[0], y[0]),
                List.of(),
                List.of(new InkShape.Stroke(x, y, w)));
    }

    private static Set<Point> points(Tracing tracing) {
        Set<Point> points = new HashSet<>();
        for (Outline outline : tracing.outlines()) {
            for (CubicLoop loop : outline.loops().toList()) {
                for (int i = 0; i < loop.size(); i++) {
                    points.add(loop.point(i));
                }
            }
        }
        return points;
    }

    private static OutlineDistance apart(Tracing one, Tracing other) {
        return OutlineDistance.between(
                OutlineDistance.rings(one.outlines(), 0.01),
                OutlineDistance.rings(other.outlines(), 0.01));
    }

    @Test
    void aLocalEditKeepsTheOtherCurves() {
        InkMap map = DrawnInk.of(420, 420, DRAWING);
        Tracing before = Tracer.trace(map, GREY, Progress.SILENT);
        InkMap edited =
                InkEditor.apply(map, List.of(edit(200, 48, 5, 215, 30, 5, 240, 25, 5)), 1, false)
                        .map();
        Tracing again = Tracer.retrace(edited, GREY, map, before, Progress.SILENT);
        Tracing scratch = Tracer.trace(edited, GREY, Progress.SILENT);
        OutlineDistance apart = apart(again, scratch);
        assertThat(apart.max()).isLessThan(0.6);
        assertThat(apart.mean()).isLessThan(0.05);
        assertThat(again.outlines()).hasSameSizeAs(scratch.outlines());
        assertThat(again.holes()).isEqualTo(scratch.holes());
        Set<Point> kept = points(again);
        Set<Point> all = points(before);
        int old = all.size();
        all.retainAll(kept);
        assertThat(all.size()).isGreaterThan(old * 3 / 5);
    }

    @Test
    void manyRandomEditsOneAfterTheOtherStayTrue() {
        Random random = new Random(11);
        InkMap map = DrawnInk.of(420, 420, DRAWING);
        Tracing tracing = Tracer.trace(map, GREY, Progress.SILENT);
        for (int round = 0; round < 25; round++) {
            double x = 20 + random.nextDouble() * 380;
            double y = 20 + random.nextDouble() * 380;
            double toX = x + random.nextGaussian() * 30;
            double toY = y + random.nextGaussian() * 30;
            InkEdit drawn = edit(x, y, 5, toX, toY, 4);
            InkEdit next =
                    round % 3 == 0
                            ? new InkEdit("Line taken away", drawn.at(), drawn.drawn(), List.of())
                            : drawn;
            InkMap now = InkEditor.apply(map, List.of(next), 1, false).map();
            tracing = Tracer.retrace(now, GREY, map, tracing, Progress.SILENT);
            map = now;
        }
        Tracing scratch = Tracer.trace(map, GREY, Progress.SILENT);
        assertThat(tracing.outlines()).hasSameSizeAs(scratch.outlines());
        assertThat(tracing.holes()).isEqualTo(scratch.holes());
        OutlineDistance apart = apart(tracing, scratch);
        assertThat(apart.mean()).isLessThan(0.08);
        assertThat(apart.percentile99()).isLessThan(0.45);
        assertThat(tracing.maxDeviation()).isCloseTo(scratch.maxDeviation(), within(0.6));
    }

    @Test
    void nothingChangedIsNothingNew() {
        InkMap map = DrawnInk.of(420, 420, DRAWING);
        Tracing before = Tracer.trace(map, GREY, Progress.SILENT);
        Tracing again = Tracer.retrace(map, GREY, map, before, Progress.SILENT);
        assertThat(points(again)).isEqualTo(points(before));
        assertThat(again.meanDeviation()).isEqualTo(before.meanDeviation());
    }

    @Test
    void blackAndWhiteIsTracedAgainAsFromScratch() {
        TraceSettings oneBit = new TraceSettings(0.2, true);
        InkMap map = DrawnInk.oneBit(DrawnInk.of(420, 420, DRAWING));
        Tracing before = Tracer.trace(map, oneBit, Progress.SILENT);
        InkMap edited =
                InkEditor.apply(map, List.of(edit(200, 48, 5, 215, 30, 5, 240, 25, 5)), 1, true)
                        .map();
        Tracing again = Tracer.retrace(edited, oneBit, map, before, Progress.SILENT);
        Tracing scratch = Tracer.trace(edited, oneBit, Progress.SILENT);
        assertThat(points(again)).isEqualTo(points(scratch));
    }

    @Test
    void piecesThatComeAndGoAreCounted() {
        InkMap map = DrawnInk.of(420, 420, DRAWING);
        Tracing before = Tracer.trace(map, GREY, Progress.SILENT);
        InkMap more = InkEditor.apply(map, List.of(edit(20, 20, 6, 40, 30, 6)), 1, false).map();
        Tracing with = Tracer.retrace(more, GREY, map, before, Progress.SILENT);
        assertThat(with.outlines()).hasSize(before.outlines().size() + 1);
        Tracing without = Tracer.retrace(map, GREY, more, with, Progress.SILENT);
        assertThat(without.outlines()).hasSameSizeAs(before.outlines());
        assertThat(points(without)).isEqualTo(points(before));
    }

    @Test
    void fromNothingAndToNothing() {
        InkMap bare = DrawnInk.of(120, 120, g -> {});
        Tracing empty = Tracer.trace(bare, GREY, Progress.SILENT);
        assertThat(empty.outlines()).isEmpty();
        InkMap one = InkEditor.apply(bare, List.of(edit(20, 20, 6, 90, 80, 6)), 1, false).map();
        Tracing with = Tracer.retrace(one, GREY, bare, empty, Progress.SILENT);
        assertThat(with.outlines()).hasSize(1);
        assertThat(Tracer.retrace(bare, GREY, one, with, Progress.SILENT).outlines()).isEmpty();
    }

    @Test
    void outlinesStayFreeOfCrossingsThroughManyEdits() {
        Random random = new Random(23);
        InkMap map = DrawnInk.of(420, 420, DRAWING);
        Tracing tracing = Tracer.trace(map, GREY, Progress.SILENT);
        for (int round = 0; round < 15; round++) {
            double x = 40 + random.nextDouble() * 340;
            double y = 40 + random.nextDouble() * 340;
            double[] stroke = {x, y, 3, x + 40 * random.nextGaussian(), y + 9, 1.5};
            InkMap now = InkEditor.apply(map, List.of(edit(stroke)), 1, false).map();
            tracing = Tracer.retrace(now, GREY, map, tracing, Progress.SILENT);
            map = now;
            assertThat(
                            CrossingFinder.find(
                                    tracing.loops().stream().map(TracedLoop::curve).toList()))
                    .isEmpty();
        }
    }
}
