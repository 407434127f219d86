package neattrace.job.pipeline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Arc2D;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import neattrace.flat.LineLayer;
import neattrace.flat.StarterColours;
import neattrace.flat.Swatch;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.Reframing;
import neattrace.job.Source;
import neattrace.sheet.FrameRecipe;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
import neattrace.trace.InkEdit;
import neattrace.trace.InkShape;
import neattrace.trace.LineColour;
import neattrace.trace.LineLimits;
import neattrace.trace.LineRecipe;
import neattrace.trace.PointEdit;
import neattrace.trace.WeightRecipe;
import neattrace.trace.review.LineFinding;
import org.junit.jupiter.api.Test;

/** What is decided about lines, on a target of two rings of 20 x 20 mm. */
class LineWorkTest {

    private final Pipeline pipeline = new Pipeline();
    private final Map<Traced, Pipeline> pipelines = new IdentityHashMap<>();

    /** The lines of a job, with what is known from those before, if there were some. */
    private Traced trace(Job job, Traced before) throws IOException {
        Pipeline now = before == null ? new Pipeline() : pipelines.get(before).apart();
        Traced traced = now.trace(job, Progress.SILENT);
        pipelines.put(traced, now);
        return traced;
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
        Drawing plain = pipeline.run(Jobs.plain(), Progress.SILENT);
        Job bold =
                with(
                        plain.job(),
                        LineRecipe.AS_DRAWN.withWeight(WeightRecipe.AS_DRAWN.withAllMm(0.4)));
        Drawing bolder = pipeline.run(bold, Progress.SILENT);
        assertThat(bolder.areas().enclosed()).hasSameSizeAs(plain.areas().enclosed());
        long before = plain.areas().enclosed().stream().mapToLong(a -> a.pixels()).sum();
        long after = bolder.areas().enclosed().stream().mapToLong(a -> a.pixels()).sum();
        assertThat(after).isLessThan(before);
    }

    @Test
    void theStudyKnowsTheLinesAndFitsUntilTheyChange() throws IOException {
        Traced traced = trace(Jobs.plain(), null);
        LineStudy study = pipeline.study(traced, Progress.SILENT);
        assertThat(study.net().lines()).hasSize(2);
        assertThat(study.widths()).isPresent();
        assertThat(study.fits(traced)).isTrue();
        Traced closer = trace(with(traced.job(), traced.job().line().withMaxErrorPx(0.1)), traced);
        Traced edited = trace(with(traced.job(), traced.job().line().with(spoke(traced))), traced);
        assertThat(study.fits(edited)).isFalse();
        assertThat(study.fits(closer)).isTrue();
    }

    @Test
    void findingsMendLinesAsTheyWereDrawnNotAsTheyWereWeighed() throws IOException {
        Traced plain = trace(Jobs.plain(), null);
        InkEdit nub =
                new InkEdit(
                        "Line drawn",
                        new Point(3, 3),
                        List.of(),
                        List.of(
                                new InkShape.Stroke(
                                        new double[] {2, 8},
                                        new double[] {1, 1},
                                        new double[] {0.3, 0.3}),
                                new InkShape.Stroke(
                                        new double[] {8.7, 15},
                                        new double[] {1, 1},
                                        new double[] {0.3, 0.3})));
        Job broken = with(plain.job(), LineRecipe.AS_DRAWN.with(nub));
        LineRecipe bold = broken.line().withWeight(WeightRecipe.AS_DRAWN.withAllMm(0.2));
        Traced weighed = trace(with(broken, bold), plain);
        LineStudy study = pipeline.study(weighed, Progress.SILENT);
        assertThat(study.net()).isNotSameAs(study.mender().net());
        LineFinding gap =
                study.findings().stream()
                        .filter(finding -> finding.kind() == LineFinding.Kind.BREAK)
                        .findFirst()
                        .orElseThrow();
        InkShape.Stroke join = (InkShape.Stroke) gap.fix().orElseThrow().drawn().get(0);
        // The pen that drew the line, to which the weight is added once more afterwards.
        assertThat(join.width()[0]).isCloseTo(0.3, within(0.03));
        Traced mended = trace(with(broken, bold.with(gap.fix().get())), weighed);
        LineStudy after = pipeline.study(mended, Progress.SILENT);
        assertThat(after.findings()).noneMatch(f -> f.kind() == LineFinding.Kind.BREAK);
        assertThat(after.mender().widthAt(new Point(8.35, 1), 0).orElseThrow())
                .isCloseTo(0.3, within(0.05));
    }

    @Test
    void whatTheGoodsCannotHoldIsMeasuredInTheEndAndMendedOnlyAsDrawn() throws IOException {
        LineLimits strict = new LineLimits(0.6, 0.2, 0.1);
        LineRecipe plain = LineRecipe.AS_DRAWN;
        LineStudy drawn = pipeline.study(trace(with(Jobs.plain(), plain), null), Progress.SILENT);
        assertThat(drawn.against(strict))
                .anyMatch(f -> f.kind() == LineFinding.Kind.THIN && f.fix().isPresent());
        LineRecipe thinner = plain.withWeight(WeightRecipe.AS_DRAWN.withAllMm(-0.1));
        LineStudy weighed =
                pipeline.study(trace(with(Jobs.plain(), thinner), null), Progress.SILENT);
        assertThat(weighed.against(strict))
                .anyMatch(f -> f.kind() == LineFinding.Kind.THIN)
                .noneMatch(f -> f.kind() == LineFinding.Kind.THIN && f.fix().isPresent());
        LineRecipe bolder = plain.withWeight(WeightRecipe.AS_DRAWN.withAllMm(0.5));
        LineStudy enough = pipeline.study(trace(with(Jobs.plain(), bolder), null), Progress.SILENT);
        assertThat(enough.against(strict)).noneMatch(f -> f.kind() == LineFinding.Kind.THIN);
    }

    @Test
    void addedAndDeletedPointsKeepTheInk() throws IOException {
        Traced plain = trace(Jobs.plain(), null);
        CubicLoop loop = plain.lines().get(0).outer();
        Point on = loop.at(0, 0.5);
        Traced added =
                trace(with(plain.job(), plain.job().line().with(new PointEdit.Add(on))), plain);
        assertThat(added.lines().get(0).outer().size()).isEqualTo(loop.size() + 1);
        Traced deleted =
                trace(with(added.job(), added.job().line().with(new PointEdit.Delete(on))), added);
        assertThat(deleted.lines().get(0).outer().size()).isEqualTo(loop.size());
        assertThat(deleted.lines().get(0).outer().signedArea())
                .isCloseTo(loop.signedArea(), within(0.05));
        assertThat(deleted.tracing()).isSameAs(plain.tracing());
    }

    @Test
    void aPointThatIsGoneIsToldAndKept() throws IOException {
        PointEdit gone = new PointEdit.Delete(new Point(1, 1));
        Traced traced = trace(with(Jobs.plain(), LineRecipe.AS_DRAWN.with(gone)), null);
        assertThat(traced.work().adriftPoints()).containsExactly(gone);
        assertThat(traced.job().line().points()).containsExactly(gone);
        assertThat(traced.ink()).isSameAs(traced.reading().map());
    }

    /** A ring that is open by 0.7 mm, and a line in it; 300 ppi. */
    private static Job ringWithAGap() {
        BufferedImage image = Pictures.plain(472, 472, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setColor(Color.BLACK);
        graphics.setStroke(new BasicStroke(6, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND));
        graphics.draw(new Arc2D.Double(60, 60, 350, 350, 1.5, 357.3, Arc2D.OPEN));
        graphics.draw(new Line2D.Double(160, 236, 300, 236));
        graphics.dispose();
        return Job.of(new Source("ring.png", Pictures.png(image, 300)));
    }

    private static Job boldOutside(Job job) {
        return job.withLine(job.line().withWeight(WeightRecipe.AS_DRAWN.withOutsideMm(0.5)));
    }

    private static long inkAcross(Traced traced) {
        long ink = 0;
        for (int y = 200; y < 272; y++) {
            ink += traced.ink().isInk(230, y) ? 1 : 0;
        }
        return ink;
    }

    /** What lies behind a gap that Close shuts is not outside. */
    @Test
    void theBolderOutsideStopsAtGapsThatAreClosed() throws IOException {
        Traced plain = trace(ringWithAGap(), null);
        Traced bold = trace(boldOutside(plain.job()), plain);
        assertThat(bold.work().weighed()).isNotSameAs(plain.work().weighed());
        assertThat(inkAcross(bold)).isEqualTo(inkAcross(plain)).isPositive();
    }

    /** With the gap open its inside is outside, too, and with another width it is made anew. */
    @Test
    void anotherClosingWidthGivesAnotherOutside() throws IOException {
        Traced plain = trace(ringWithAGap(), null);
        Job bold = boldOutside(plain.job());
        Traced closed = trace(bold.withClose(bold.close().withGapMm(1.5)), plain);
        Traced open = trace(closed.job().withClose(bold.close().withGapMm(0.2)), closed);
        assertThat(inkAcross(closed)).isEqualTo(inkAcross(plain));
        assertThat(inkAcross(open)).isGreaterThan(12);
        Traced again = trace(closed.job(), open);
        assertThat(again.ink().coverage()).isEqualTo(closed.ink().coverage());
    }
}
