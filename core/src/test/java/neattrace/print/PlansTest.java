package neattrace.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import neattrace.export.SvgWriter;
import neattrace.flat.FlatRecipe;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.BlackRule;
import neattrace.press.Cmyk;
import neattrace.press.Colorant;
import neattrace.press.PressProfile;
import neattrace.press.Tints;
import neattrace.print.PrintLayer.Kind;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.trace.centre.StrokeArt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlansTest {

    private static final PressProfile PRESS = PressProfile.bundled();

    private final Pipeline pipeline = new Pipeline();

    private Artwork art(Job job) throws IOException {
        return Artwork.of(drawing(job), PRESS);
    }

    private Drawing drawing(Job job) throws IOException {
        return pipeline.run(job, Progress.SILENT);
    }

    private static Job withColouredLines() {
        Job job = Jobs.coloured();
        return job.withLine(
                job.line()
                        .withColour(
                                job.line()
                                        .colour()
                                        .withSwatch(Jobs.OUTER.id())
                                        .withBorderBlack(true)));
    }

    private static List<Kind> kinds(PrintPlan plan) {
        return plan.layers().stream().map(PrintLayer::kind).toList();
    }

    @Test
    void flatsLieBeneathLinesAndWhatDeepensTheBlackBeneathTheBlack() throws IOException {
        PrintPlan plan = Plans.of(art(withColouredLines()));
        assertThat(kinds(plan))
                .containsExactly(Kind.FLAT, Kind.FLAT, Kind.LINES, Kind.UNDER_BLACK, Kind.LINES);
        PrintLayer under = plan.layers().get(3);
        PrintLayer black = plan.layers().get(4);
        assertThat(under.objects().get(0).tints().process()).isEqualTo(new Cmyk(60, 40, 40, 0));
        assertThat(black.objects().get(0).tints().process()).isEqualTo(new Cmyk(0, 0, 0, 100));
        assertThat(black.objects()).allMatch(PrintObject::overprint);
        assertThat(black.name()).isEqualTo("Lines #000000");
        assertThat(plan.onScreen()).doesNotContain(under).hasSize(4);
    }

    @Test
    void blackInkAloneNeedsNothingBeneath() throws IOException {
        PrintPlan plan = Plans.of(art(Jobs.coloured().withBlack(BlackRule.K_ONLY)));
        assertThat(kinds(plan)).containsExactly(Kind.FLAT, Kind.FLAT, Kind.LINES);
    }

    @ParameterizedTest
    @CsvSource({"UNITED, 1", "BY_AREA, 1", "BY_OBJECT, 1"})
    void aLayerHasOneObjectForEachPiece(FlatRecipe.Pieces pieces, int objects) throws IOException {
        Job job = Jobs.coloured();
        PrintPlan plan = Plans.of(art(job.withFlat(job.flat().withPieces(pieces))));
        assertThat(plan.of(Kind.FLAT)).allMatch(layer -> layer.objects().size() == objects);
        assertThat(plan.areas()).isEqualTo(2);
    }

    @Test
    void howFarFlatsRunOnIsToldUntilItIsDone() throws IOException {
        Job job = Jobs.coloured();
        Artwork art = art(job.withFlat(job.flat().withSpreadMm(0.2)));
        assertThat(Plans.of(art).layers().get(0).objects().get(0).trapMm()).isEqualTo(0.2);
        assertThat(Plans.of(art.forFiles()).layers().get(0).objects().get(0).trapMm()).isZero();
    }

    @Test
    void cuttersGetLinesThatAreNeverPrinted() throws IOException {
        Drawing drawing = drawing(Jobs.plain());
        StrokeArt strokes = pipeline.strokes(drawing.traced(), Progress.SILENT);
        for (PrintPlan plan :
                List.of(
                        Plans.cut(drawing.lines(), 20, 20),
                        Plans.cut(Artwork.of(drawing, PRESS), strokes))) {
            assertThat(kinds(plan)).containsOnly(Kind.TECHNICAL);
            assertThat(plan.layers().get(0).objects())
                    .isNotEmpty()
                    .noneMatch(object -> object.tints().prints());
        }
    }

    @Test
    void tintsAreSharesOfPlates() {
        assertThat(Tints.of(new Cmyk(1, 2, 3, 4)).process()).isEqualTo(new Cmyk(1, 2, 3, 4));
        assertThat(Tints.full(Colorant.spot("Moss")).of(Colorant.spot("Moss"))).isEqualTo(100);
        assertThat(Tints.full(Colorant.FOLD).prints()).isFalse();
        assertThatThrownBy(() -> new Tints(Map.of(Colorant.WHITE, 101.0)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aPageWithTheArtAloneIsTheArt() throws IOException {
        PrintPlan art = Plans.of(art(withColouredLines()));
        PrintPlan page = PrintPage.of(art).plan(PRESS);
        assertThat(page).isEqualTo(art);
        assertThat(svg(page)).isEqualTo(svg(art));
    }

    @Test
    void artIsPlacedTurnedAndScaledInTheSameLayers() throws IOException {
        PrintPlan art = Plans.of(art(Jobs.coloured()));
        PrintPage page =
                new PrintPage(
                        "Sheet",
                        100,
                        60,
                        0,
                        List.of(
                                new Placement(art, 20, 30, 0, 1),
                                new Placement(art, 70, 30, 90, 2)));
        PrintPlan sheet = page.plan(PRESS);
        assertThat(kinds(sheet)).isEqualTo(kinds(art));
        for (int i = 0; i < art.layers().size(); i++) {
            PrintLayer before = art.layers().get(i);
            PrintLayer after = sheet.layers().get(i);
            assertThat(after.name()).isEqualTo(before.name());
            assertThat(after.objects()).hasSize(2 * before.objects().size());
        }
        double flat = area(art.layers().get(0).objects().get(0));
        assertThat(area(sheet.layers().get(0).objects().get(0))).isCloseTo(flat, within(1e-9));
        assertThat(area(sheet.layers().get(0).objects().get(1))).isCloseTo(4 * flat, within(1e-6));
        // The ring lies in the middle of its page, 20 mm wide; twice as large it reaches 7.6 mm
        // beyond 70 mm times two.
        Rectangle2D ring = bounds(sheet.of(Kind.LINES).get(0).objects());
        assertThat(ring.getMaxX()).isCloseTo(70 + 2 * 7.9, within(0.2));
        assertThat(ring.getMinX()).isCloseTo(20 - 7.9, within(0.2));
    }

    @Test
    void aStrokeGrowsWithItsArt() throws IOException {
        Drawing drawing = drawing(Jobs.plain());
        StrokeArt strokes = pipeline.strokes(drawing.traced(), Progress.SILENT);
        PrintPlan art = Plans.strokes(Artwork.of(drawing, PRESS), strokes);
        PrintShape.Stroked before =
                (PrintShape.Stroked) art.of(Kind.STROKES).get(0).objects().get(0).shape();
        PrintShape.Stroked after = before.placed(AffineTransform.getScaleInstance(1.5, 1.5));
        assertThat(after.widthMm()).isCloseTo(1.5 * before.widthMm(), within(1e-12));
        assertThat(after.path().point(0).x())
                .isCloseTo(1.5 * before.path().point(0).x(), within(1e-9));
    }

    @Test
    void pixelsAreNeitherTurnedNorWrittenAsVectors() throws IOException {
        PrintPlan sheet = Plans.oneBit(drawing(Jobs.plain()).reading().map(), 300);
        assertThat(sheet.widthMm()).isCloseTo(20, within(0.05));
        assertThat(PrintPage.of(sheet).plan(PRESS).layers()).isEqualTo(sheet.layers());
        assertThatThrownBy(() -> new Placement(sheet, 10, 10, 5, 1))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("pixels");
        assertThatThrownBy(() -> svg(sheet)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Placement(sheet, 0, 0, 0, 0))
                .isInstanceOf(IllegalArgumentException.class);
    }

    private static String svg(PrintPlan plan) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        SvgWriter.write(plan, out);
        return out.toString(StandardCharsets.UTF_8);
    }

    private static double area(PrintObject object) {
        return ((PrintShape.Filled) object.shape()).polygons().getArea();
    }

    private static Rectangle2D bounds(List<PrintObject> objects) {
        Path2D all = new Path2D.Double();
        objects.forEach(
                object ->
                        all.append(((PrintShape.Curved) object.shape()).outline().toPath(), false));
        return all.getBounds2D();
    }
}
