package neattrace.job.pipeline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.GoodsWish;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.trace.centre.CentrelineFinder;
import neattrace.trace.review.WidthTable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The target's rings are drawn with pens of 7 and 4 px at 300 ppi: 0.593 and 0.339 mm. */
class GoodsDrawingTest {

    private static final double BOLD_MM = 7 * 25.4 / 300;
    private static final double THIN_MM = 4 * 25.4 / 300;

    private final Pipeline pipeline = new Pipeline();

    private Drawing drawing(String wish) throws IOException {
        Goods goods = GoodsWish.parse(wish, List.of());
        Job job = Jobs.coloured();
        return pipeline.run(job.withGoods(job.goods().with(goods)), Progress.SILENT);
    }

    private GoodsDrawing on(Drawing drawing, boolean kept) throws IOException {
        WantedGoods wanted = drawing.job().goods().main().orElseThrow().withWeightsKept(kept);
        return GoodsDrawing.of(pipeline, drawing, wanted, Progress.SILENT);
    }

    private static WidthTable widths(Drawing drawing) {
        return WidthTable.of(
                        CentrelineFinder.find(drawing.traced().ink(), Progress.SILENT),
                        drawing.resolution().pxPerMm())
                .orElseThrow();
    }

    /** Half of the size, the size of the scan, and two and a half times as large. */
    @ParameterizedTest
    @ValueSource(strings = {"shirt:8mm", "shirt:16mm", "shirt:40mm"})
    void linesThatKeepTheirWidthAreAsWideOnTheGoodsAsOnTheSheet(String wish) throws IOException {
        Drawing drawing = drawing(wish);
        GoodsDrawing kept = on(drawing, true);
        WidthTable there = widths(kept.drawing());
        double k = kept.fit().factor();
        assertThat(there.thinnestMm() * k).isCloseTo(THIN_MM, within(0.03));
        assertThat(there.boldestMm() * k).isCloseTo(BOLD_MM, within(0.03));
        double wide = kept.drawing().extent().widthMm() * k;
        assertThat(wide)
                .as("and yet it has its size")
                .isCloseTo(
                        drawing.job().goods().main().orElseThrow().goods().sizing().widthMm(),
                        within(0.02));
    }

    @Test
    void linesAreScaledUnlessSomebodySaysOtherwise() throws IOException {
        Drawing drawing = drawing("shirt:40mm");
        GoodsDrawing scaled = on(drawing, false);
        assertThat(scaled.drawing()).isSameAs(drawing);
        assertThat(widths(drawing).thinnestMm() * scaled.fit().factor())
                .isCloseTo(THIN_MM * 40 / drawing.extent().widthMm(), within(0.04));
    }

    @Test
    void coloursStayWhereTheyAreAndAreStillCovered() throws IOException {
        Drawing drawing = drawing("shirt:40mm");
        GoodsDrawing kept = on(drawing, true);
        assertThat(kept.drawing().layers()).isSameAs(drawing.layers());
        // The middles of both rings, where colours meet, are under ink as before.
        double mm = 25.4 / 300;
        for (double radius : new double[] {40, 90}) {
            for (double turn = 0.05; turn < 2 * Math.PI; turn += 0.1) {
                Point middle =
                        new Point(
                                (118 + radius * Math.cos(turn)) * mm,
                                (118 + radius * Math.sin(turn)) * mm);
                assertThat(drawing.inkAt(middle)).isTrue();
                assertThat(kept.drawing().inkAt(middle)).isTrue();
            }
        }
    }
}
