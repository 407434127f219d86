package neattrace.job.pipeline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.atLeastOnce;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;

import java.io.IOException;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import neattrace.flat.Fill;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.press.BlackRule;
import neattrace.press.Cmyk;
import neattrace.raster.reading.PictureException;
import neattrace.sheet.SpeckRecipe;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("thorough")
class PipelineTest {

    private final Pipeline pipeline = new Pipeline();
    private final Map<Drawing, Pipeline> pipelines = new IdentityHashMap<>();

    /** The drawing of a job, with what is known from the one before, if there was one. */
    private Drawing run(Job job, Drawing before) throws IOException {
        Pipeline now = before == null ? new Pipeline() : pipelines.get(before).apart();
        Drawing drawing = now.run(job, Progress.SILENT);
        pipelines.put(drawing, now);
        return drawing;
    }

    @Test
    void aColouredJobBecomesLinesAndLayers() throws IOException {
        Drawing drawing = run(Jobs.coloured(), null);
        assertThat(drawing.lines()).hasSize(2);
        assertThat(drawing.areas().enclosed()).hasSize(2);
        assertThat(drawing.layers())
                .extracting(FlatLayer::swatch)
                .containsExactly(Jobs.INNER, Jobs.OUTER);
        assertThat(drawing.emptyAreas()).isEmpty();
        assertThat(drawing.widthMm()).isCloseTo(236 * 25.4 / 300, within(1e-9));
        // The disc reaches to the middle of its 4 px line: radius 40 px.
        double radiusMm = 40 * 25.4 / 300;
        assertThat(drawing.layers().get(0).shape().getArea())
                .isCloseTo(Math.PI * radiusMm * radiusMm, within(0.6));
    }

    @Test
    void whatDidNotChangeIsTakenOver() throws IOException {
        Drawing first = run(Jobs.coloured(), null);
        Job recoloured =
                first.job()
                        .withSwatch(new neattrace.flat.Swatch(1, "Other", new Cmyk(50, 0, 0, 0)));
        Drawing second = run(recoloured, first);
        assertThat(second.picture()).isSameAs(first.picture());
        assertThat(second.reading()).isSameAs(first.reading());
        assertThat(second.tracing()).isSameAs(first.tracing());
        assertThat(second.areas()).isSameAs(first.areas());
        assertThat(second.layers()).isNotEqualTo(first.layers());

        Drawing closer = run(first.job().withLine(first.job().line().withMaxErrorPx(0.1)), first);
        assertThat(closer.tracing()).isNotSameAs(first.tracing());
        assertThat(closer.areas()).isSameAs(first.areas());

        Drawing black = run(first.job().withBlack(BlackRule.K_ONLY), first);
        assertThat(black.layers().get(0)).isSameAs(first.layers().get(0));
        assertThat(second.layers().get(0).shape() == first.layers().get(0).shape())
                .as("another colour, the same shape")
                .isTrue();
    }

    @Test
    void fillsStayWithTheirAreasWhenTheSheetChanges() throws IOException {
        Drawing first = run(Jobs.coloured(), null);
        Job lighter =
                first.job()
                        .withRecipe(
                                first.job()
                                        .recipe()
                                        .withInkPercent(35)
                                        .withSpecks(SpeckRecipe.under(0.1)));
        Drawing second = run(lighter, first);
        assertThat(second.reading()).isNotSameAs(first.reading());
        assertThat(second.layers())
                .extracting(FlatLayer::swatch)
                .containsExactly(Jobs.INNER, Jobs.OUTER);
        assertThat(second.attachment().lost()).isEmpty();
    }

    @Test
    void aFillThatLosesItsAreaIsReported() throws IOException {
        Job job =
                Jobs.coloured()
                        .withFills(
                                List.of(
                                        new Fill(new Point(10, 10), 1),
                                        new Fill(new Point(10, 10.5), 2)));
        assertThat(run(job, null).attachment().lost())
                .containsExactly(new Fill(new Point(10, 10), 1));
    }

    @Test
    void anotherResolutionIsAnotherSize() throws IOException {
        Drawing drawing = run(Jobs.plain().withPpi(600), null);
        assertThat(drawing.widthMm()).isCloseTo(236 * 25.4 / 600, within(1e-9));
        assertThat(drawing.lines().get(0).outer().bounds()[2]).isLessThan(drawing.widthMm());
    }

    @Test
    void emptinessIsPutIntoWords() throws IOException {
        Job white = Job.of(new Source("w.png", Pictures.png(Sheets.plain(80, 60, 255), 300)));
        assertThat(run(white, null).traced().emptiness())
                .contains("There is no ink on this sheet.");
        Job black = Job.of(new Source("b.png", Pictures.png(Sheets.plain(80, 60, 0), 300)));
        assertThat(run(black, null).traced().emptiness())
                .hasValueSatisfying(what -> assertThat(what).contains("dark"));
        assertThat(run(Jobs.plain(), null).traced().emptiness()).isEmpty();
        Job dot = Job.of(new Source("d.png", Pictures.png(Sheets.plain(1, 1, 255), 300)));
        assertThat(run(dot, null).lines()).isEmpty();
    }

    @Test
    void linesAloneAreTheSameLines() throws IOException {
        Traced lines = pipeline.trace(Jobs.coloured(), Progress.SILENT);
        Drawing whole = new Pipeline().run(Jobs.coloured(), Progress.SILENT);
        assertThat(lines.tracing().segments()).isEqualTo(whole.tracing().segments());
        assertThat(new Pipeline().colour(lines, Progress.SILENT).layers()).hasSize(2);
        Traced renamed = pipeline.trace(lines.job().withTitle("Other"), Progress.SILENT);
        assertThat(renamed.tracing()).isSameAs(lines.tracing());
    }

    /** 500,000 stretches of paper of one pixel each: nothing is made of them, and that is told. */
    @Test
    void aOnePixelCheckerboardIsNoDrawing() throws IOException {
        byte[] samples = new byte[1000 * 1000];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (i % 1000 + i / 1000) % 2 == 0 ? 0 : (byte) 255;
        }
        Job job =
                Job.of(
                        new Source(
                                "board.png",
                                Pictures.png(
                                        new neattrace.raster.GreySheet(1000, 1000, samples), 300)));
        Drawing drawing = run(job, null);
        assertThat(drawing.lines()).isEmpty();
        assertThat(drawing.tracing().pieces()).isGreaterThan(490_000);
        assertThat(drawing.traced().emptiness().orElse("")).contains("noise, not a drawing");
        assertThat(drawing.areas().areas()).isEmpty();
        assertThat(drawing.areaAt(new Point(10, 10))).isEmpty();
        // Another decision does not start the long search again.
        assertThat(run(job.withBlack(BlackRule.K_ONLY), drawing).areas()).isSameAs(drawing.areas());
    }

    @Test
    void progressGrowsAndEndsReady() throws IOException {
        List<Double> shares = new ArrayList<>();
        List<String> steps = new ArrayList<>();
        Progress progress =
                (step, share) -> {
                    synchronized (shares) {
                        shares.add(share);
                        steps.add(step);
                    }
                };
        new Pipeline().run(Jobs.coloured(), progress);
        assertThat(steps.get(steps.size() - 1)).isEqualTo("Laying colours");
        assertThat(shares).allMatch(share -> share >= 0 && share <= 1);
        assertThat(shares.get(shares.size() - 1)).isEqualTo(1);
    }

    @Test
    void cancellingStopsAtTheNextReport() {
        Progress impatient = mock(Progress.class, org.mockito.Answers.CALLS_REAL_METHODS);
        doThrow(new CancellationException()).when(impatient).report(anyString(), anyDouble());
        assertThatThrownBy(() -> new Pipeline().run(Jobs.plain(), impatient))
                .isInstanceOf(CancellationException.class);
        verify(impatient, atLeastOnce()).report(anyString(), anyDouble());
    }

    @Test
    void anUnreadableSourceIsAPictureException() {
        Job job = Job.of(new Source("bad.png", new byte[] {1, 2, 3}));
        assertThatThrownBy(() -> run(job, null)).isInstanceOf(PictureException.class);
    }
}
