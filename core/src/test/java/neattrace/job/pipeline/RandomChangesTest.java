package neattrace.job.pipeline;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import neattrace.flat.Fill;
import neattrace.flat.Form;
import neattrace.flat.StarterColours;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.progress.Progress;
import neattrace.region.Join;
import neattrace.sheet.SpeckRecipe;
import neattrace.testing.Jobs;
import neattrace.trace.LineColour;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** After any series of changes the drawing is what it would be made of the job alone. */
class RandomChangesTest {

    private static final int CHANGES = 14;

    private static Job changed(Job job, SplittableRandom chance) {
        double x = chance.nextDouble(1, 19);
        double y = chance.nextDouble(1, 19);
        Point at = new Point(x, y);
        return switch (chance.nextInt(14)) {
            case 0 -> job.withRecipe(job.recipe().withInkPercent(chance.nextInt(30, 70)));
            case 1 ->
                    job.withRecipe(
                            job.recipe()
                                    .withSpecks(
                                            new SpeckRecipe(
                                                    chance.nextDouble(0, 0.5),
                                                    chance.nextDouble(0, 0.5))));
            case 2 -> job.withClose(job.close().withGapMm(chance.nextInt(5) * 0.4));
            case 3 ->
                    job.withClose(
                            job.close().withJoins(List.of(new Join(List.of(at, new Point(y, x))))));
            case 4 ->
                    job.withLine(
                            job.line()
                                    .withWeight(
                                            job.line()
                                                    .weight()
                                                    .withOutsideMm(chance.nextInt(3) * 0.2)));
            case 5 -> job.withLine(job.line().withMaxErrorPx(chance.nextDouble(0.2, 1)));
            case 6 -> job.withSwatch(StarterColours.swatch(job.freeSwatchId()));
            case 7 ->
                    job.swatches().size() < 2 ? job : job.withoutSwatch(job.swatches().get(0).id());
            case 8 -> filled(job, at);
            case 9 -> job.withFills(List.of());
            case 10 ->
                    job.withLine(
                            job.line()
                                    .withColour(
                                            new LineColour(
                                                    job.swatches().get(0).id(),
                                                    chance.nextBoolean(),
                                                    List.of())));
            case 11 -> job.withLine(job.line().withColour(LineColour.BLACK));
            case 12 ->
                    job.withFlat(
                            job.flat()
                                    .withForms(
                                            List.of(
                                                    new Form.Inset(
                                                            at, 0.5, job.swatches().get(0).id()))));
            default -> job.withClose(job.close().withFrameMm(chance.nextBoolean() ? -1 : 0.5));
        };
    }

    private static Job filled(Job job, Point at) {
        List<Fill> fills = new ArrayList<>(job.fills());
        fills.add(new Fill(at, job.swatches().get(job.swatches().size() - 1).id()));
        return job.withFills(fills);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void whatIsTakenOverIsWhatWouldBeMadeAnew(long seed) throws IOException {
        SplittableRandom chance = new SplittableRandom(seed);
        Job job = Jobs.coloured();
        Pipeline pipeline = new Pipeline();
        Drawing drawing = pipeline.run(job, Progress.SILENT);
        for (int k = 0; k < CHANGES; k++) {
            job = changed(job, chance);
            drawing = pipeline.run(job, Progress.SILENT);
            Drawing fresh = new Pipeline().run(job, Progress.SILENT);
            String where = "seed " + seed + ", change " + k;
            assertThat(drawing.traced().ink().coverage())
                    .as(where)
                    .isEqualTo(fresh.traced().ink().coverage());
            assertThat(drawing.lines()).as(where).hasSameSizeAs(fresh.lines());
            assertThat(drawing.traced().colouredLines().stream().map(l -> l.swatch().id()).toList())
                    .as(where)
                    .isEqualTo(
                            fresh.traced().colouredLines().stream()
                                    .map(l -> l.swatch().id())
                                    .toList());
            assertThat(labels(drawing)).as(where).isEqualTo(labels(fresh));
            assertThat(drawing.attachment().swatchOf())
                    .as(where)
                    .isEqualTo(fresh.attachment().swatchOf());
            assertThat(drawing.layers()).as(where).hasSameSizeAs(fresh.layers());
            for (int i = 0; i < drawing.layers().size(); i++) {
                assertThat(drawing.layers().get(i).swatch())
                        .isEqualTo(fresh.layers().get(i).swatch());
                assertThat(
                                drawing.layers()
                                        .get(i)
                                        .shape()
                                        .symDifference(fresh.layers().get(i).shape())
                                        .getArea())
                        .as(where)
                        .isLessThan(1e-6);
            }
        }
    }

    private static int[] labels(Drawing drawing) {
        int[] labels = new int[drawing.areas().cells().length];
        for (int i = 0; i < labels.length; i++) {
            labels[i] = drawing.areas().label(i);
        }
        return labels;
    }
}
