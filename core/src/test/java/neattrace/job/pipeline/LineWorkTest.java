package neattrace.job.pipeline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import neattrace.flat.LineLayer;
import neattrace.flat.StarterColours;
import neattrace.flat.Swatch;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.Reframing;
import neattrace.progress.Progress;
import neattrace.sheet.FrameRecipe;
import neattrace.testing.Jobs;
import neattrace.trace.LineColour;
import neattrace.trace.LineRecipe;
import neattrace.trace.PointEdit;
import neattrace.trace.WeightRecipe;
import neattrace.trace.edit.InkEdit;
import neattrace.trace.edit.InkShape;
import org.junit.jupiter.api.Test;

/** What is decided about lines, on a target of two rings of 20 x 20 mm. */
class LineWorkTest {

    private static Traced trace(Job job, Traced before) throws IOException {
        return Pipeline.trace(job, before, Progress.SILENT);
    }

    private static Job with(Job job, LineRecipe line) {
        return job.withLine(line);
    }

    /** A stroke from the middle of the target to its left, across both rings. */
    private static InkEdit spoke(Traced traced) {
        double y = traced.heightMm() / 2;
        return new InkEdit(
                "Line drawn",
                new Point(5, y),
                List.of(),
                List.of(
                        new InkShape.Stroke(
                                new double[] {traced.widthMm() / 2, 2},
                                new double[] {y, y},
                                new double[] {0.4, 0.4})));
    }

    @Test
    void anEditOutlivesANewThresholdAndJoinsWhatItDid() throws IOException {
        Traced plain = trace(Jobs.plain(), null);
        assertThat(plain.lines()).hasSize(2);
        Job edited = with(plain.job(), plain.job().line().with(spoke(plain)));
        Traced once = trace(edited, plain);
        assertThat(once.lines()).hasSize(1);
        assertThat(once.work().adriftEdits()).isEmpty();
        Traced again = trace(edited.withRecipe(edited.recipe().withInkPercent(35)), once);
        assertThat(again.lines()).hasSize(1);
        Traced back = trace(plain.job(), again);
        assertThat(back.lines()).hasSize(2);
    }

    @Test
    void anEditWhoseInkIsGoneIsToldAndKept() throws IOException {
        InkEdit lost =
                new InkEdit(
                        "Line trimmed",
                        new Point(1, 1),
                        List.of(
                                new InkShape.Area(
                                        List.of(new double[] {0.5, 0.5, 1.5, 0.5, 1.5, 1.5}))),
                        List.of());
        Job job = with(Jobs.plain(), LineRecipe.AS_DRAWN.with(lost));
        Traced traced = trace(job, null);
        assertThat(traced.work().adriftEdits()).containsExactly(lost);
        assertThat(traced.job().line().edits()).containsExactly(lost);
        assertThat(traced.lines()).hasSize(2);
    }

    @Test
    void editsMoveWithTheDrawingWhenTheSheetIsCropped() throws IOException {
        Traced plain = trace(Jobs.plain(), null);
        Job edited = with(plain.job(), plain.job().line().with(spoke(plain)));
        FrameRecipe frame = edited.recipe().frame();
        Job cropped =
                edited.withRecipe(
                        edited.recipe()
                                .withFrame(
                                        frame.withCrop(
                                                java.util.Optional.of(
                                                        new FrameRecipe.Crop(10, 20, 216, 206)))));
        Job carried = Reframing.carry(edited, cropped, plain.picture());
        Point before = edited.line().edits().get(0).at();
        Point after = carried.line().edits().get(0).at();
        double mmPerPx = plain.resolution().mmPerPx();
        assertThat(after.x()).isCloseTo(before.x() - 10 * mmPerPx, within(1e-6));
        assertThat(after.y()).isCloseTo(before.y() - 20 * mmPerPx, within(1e-6));
        assertThat(trace(carried, plain).lines()).hasSize(1);
    }

    @Test
    void aMovedPointGoesIntoTheOutlineAndIntoTheInk() throws IOException {
        Traced plain = trace(Jobs.plain(), null);
        CubicLoop loop = plain.lines().get(0).outer();
        Point at = loop.point(0);
        Point centre = new Point(plain.widthMm() / 2, plain.heightMm() / 2);
        Point to = at.plus(at.minus(centre).unit().times(1));
        Point shift = to.minus(at);
        Point in = loop.control(loop.size() - 1, 1).plus(shift);
        Point out = loop.control(0, 0).plus(shift);
        Job job = with(plain.job(), plain.job().line().with(new PointEdit.Move(at, to, in, out)));
        Traced moved = trace(job, plain);
        assertThat(moved.work().adriftPoints()).isEmpty();
        assertThat(moved.lines().get(0).outer().point(0)).isEqualTo(to);
        assertThat(moved.tracing()).isSameAs(plain.tracing());
        Point inside = at.plus(shift.times(0.7)).times(plain.resolution().pxPerMm());
        int x = (int) inside.x();
        int y = (int) inside.y();
        assertThat(plain.ink().isInk(x, y)).isFalse();
        assertThat(moved.ink().isInk(x, y)).isTrue();
    }

    @Test
    void allLinesTakeASwatchAndGiveItBackWithIt() throws IOException {
        Swatch swatch = StarterColours.swatch(3);
        Job job =
                Jobs.plain()
                        .withSwatch(swatch)
                        .withLine(
                                LineRecipe.AS_DRAWN.withColour(
                                        LineColour.BLACK.withSwatch(swatch.id())));
        Traced traced = trace(job, null);
        assertThat(traced.blackLines()).isEmpty();
        assertThat(traced.colouredLines()).hasSize(1);
        assertThat(traced.colouredLines().get(0).shapes()).isEqualTo(traced.lines());
        Traced without = trace(job.withoutSwatch(swatch.id()), traced);
        assertThat(without.colouredLines()).isEmpty();
        assertThat(without.blackLines()).isEqualTo(without.lines());
    }

    @Test
    void oneLineTakesASwatchAndTheBorderStaysBlack() throws IOException {
        Swatch swatch = StarterColours.swatch(3);
        Traced plain = trace(Jobs.plain().withSwatch(swatch), null);
        Outline inner =
                plain.lines().stream()
                        .min(java.util.Comparator.comparingDouble(o -> o.outer().signedArea()))
                        .orElseThrow();
        Point on = inner.outer().point(0);
        LineColour held = LineColour.BLACK.with(new LineColour.Hold(on, swatch.id()));
        Traced one = trace(with(plain.job(), LineRecipe.AS_DRAWN.withColour(held)), plain);
        assertThat(one.blackLines()).hasSize(1);
        assertThat(one.colouredLines()).hasSize(1);
        assertThat(area(one.colouredLines().get(0))).isCloseTo(area(inner), within(0.15));

        LineColour border = LineColour.BLACK.withSwatch(swatch.id()).withBorderBlack(true);
        Traced two = trace(with(plain.job(), LineRecipe.AS_DRAWN.withColour(border)), plain);
        assertThat(two.blackLines()).hasSize(1);
        assertThat(area(two.colouredLines().get(0))).isCloseTo(area(inner), within(0.15));
    }

    private static double area(LineLayer layer) {
        return layer.shapes().stream().mapToDouble(LineWorkTest::area).sum();
    }

    private static double area(Outline outline) {
        return outline.loops().mapToDouble(CubicLoop::signedArea).sum();
    }

    @Test
    void weightIsPartOfTheInkThatAreasAreFoundIn() throws IOException {
        Drawing plain = Pipeline.run(Jobs.plain(), null, Progress.SILENT);
        Job bold =
                with(
                        plain.job(),
                        LineRecipe.AS_DRAWN.withWeight(WeightRecipe.AS_DRAWN.withAllMm(0.4)));
        Drawing bolder = Pipeline.run(bold, plain, Progress.SILENT);
        assertThat(bolder.areas().enclosed()).hasSameSizeAs(plain.areas().enclosed());
        long before = plain.areas().enclosed().stream().mapToLong(a -> a.pixels()).sum();
        long after = bolder.areas().enclosed().stream().mapToLong(a -> a.pixels()).sum();
        assertThat(after).isLessThan(before);
    }

    @Test
    void theStudyKnowsTheLinesAndFitsUntilTheyChange() throws IOException {
        Traced traced = trace(Jobs.plain(), null);
        LineStudy study = LineStudy.of(traced, Progress.SILENT);
        assertThat(study.net().lines()).hasSize(2);
        assertThat(study.widths()).isPresent();
        assertThat(study.fits(traced)).isTrue();
        Traced closer = trace(with(traced.job(), traced.job().line().withMaxErrorPx(0.1)), traced);
        Traced edited = trace(with(traced.job(), traced.job().line().with(spoke(traced))), traced);
        assertThat(study.fits(edited)).isFalse();
        assertThat(study.fits(closer)).isTrue();
    }
}
