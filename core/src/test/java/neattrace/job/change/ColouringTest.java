package neattrace.job.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import neattrace.flat.AreaGroup;
import neattrace.flat.Fill;
import neattrace.flat.Form;
import neattrace.flat.Swatch;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.region.Area;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.trace.LineColour;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** On the target: an inner disc round 10, 10 mm in one swatch and a ring round it in another. */
class ColouringTest {

    private static final Point DISC = new Point(10, 10);
    private static final Point RING = new Point(10, 5);
    private static final Pipeline PIPELINE = new Pipeline();
    private static Drawing drawing;
    private static Job job;

    @BeforeAll
    static void draw() throws IOException {
        job = Jobs.coloured();
        drawing = PIPELINE.run(job, Progress.SILENT);
    }

    private static Area at(Point place) {
        return drawing.areaAt(place).orElseThrow();
    }

    private static int swatchAt(Job next, Point place) throws IOException {
        Drawing now = PIPELINE.apart().run(next, Progress.SILENT);
        return now.attachment().swatchOf().get(now.areaAt(place).orElseThrow().label());
    }

    private static double area(Job next, int swatch) throws IOException {
        return PIPELINE.apart().run(next, Progress.SILENT).layers().stream()
                .filter(layer -> layer.swatch().id() == swatch)
                .mapToDouble(layer -> layer.shape().getArea())
                .sum();
    }

    @Test
    void manyAreasAreColouredAtOnceAndKeepNoOlderFill() throws IOException {
        Job next = Colouring.fill(job, drawing, List.of(at(DISC), at(RING)), 2);
        assertThat(swatchAt(next, DISC)).isEqualTo(2);
        assertThat(swatchAt(next, RING)).isEqualTo(2);
        assertThat(next.fills()).hasSize(2);
        Job bare = Colouring.fill(job, drawing, List.of(at(DISC)), Fill.PAPER);
        assertThat(swatchAt(bare, DISC)).isEqualTo(Fill.PAPER);
    }

    @Test
    void theOutsideIsNeverColouredAndALockedSwatchStays() {
        Area outside = at(new Point(0.5, 0.5));
        assertThat(outside.outside()).isTrue();
        assertThat(Colouring.fill(job, drawing, List.of(outside), 2)).isEqualTo(job);
        Job locked = job.withSwatch(Jobs.INNER.withLocked(true));
        Job next = Colouring.fill(locked, drawing, List.of(at(DISC), at(RING)), 1);
        assertThat(next.fills()).contains(job.fills().get(0));
        assertThat(Colouring.isLocked(locked, drawing, at(DISC))).isTrue();
        assertThat(Colouring.isLocked(locked, drawing, at(RING))).isFalse();
    }

    @Test
    void mergingMovesFillsLinesAndForms() throws IOException {
        Job held =
                job.withLine(
                                job.line()
                                        .withColour(
                                                new LineColour(
                                                        1,
                                                        false,
                                                        List.of(new LineColour.Hold(DISC, 1)))))
                        .withFlat(job.flat().withForms(List.of(new Form.Inset(RING, 1, 1))));
        Job next = Colouring.merged(held, 1, 2);
        assertThat(next.swatches()).extracting(Swatch::id).containsExactly(2);
        assertThat(next.fills()).extracting(Fill::swatch).containsOnly(2);
        assertThat(next.line().colour().swatch()).isEqualTo(2);
        assertThat(next.line().colour().held()).extracting(LineColour.Hold::swatch).containsOnly(2);
        assertThat(next.flat().forms()).containsExactly(new Form.Inset(RING, 1, 2));
        assertThat(Colouring.merged(job, 1, 77)).as("no such swatch").isEqualTo(job);
    }

    @Test
    void oneAreaOfAGroupStandsForAll() throws IOException {
        Job grouped = Colouring.grouped(job, drawing, List.of(at(DISC), at(RING)), "Target");
        Drawing now = PIPELINE.apart().run(grouped, Progress.SILENT);
        assertThat(Colouring.groupOf(now, at(RING))).containsExactlyInAnyOrder(at(DISC), at(RING));
        assertThat(Colouring.groupOf(drawing, at(RING))).containsExactly(at(RING));
        Job again = Colouring.grouped(grouped, drawing, List.of(at(DISC)), "Target");
        assertThat(again.groups()).hasSize(1);
    }

    @Test
    void aGroupKnowsWhichOfItsAreasAreGone() {
        AreaGroup group = new AreaGroup("Target", List.of(DISC, new Point(0.5, 0.5)));
        List<Point> kept = Colouring.stillThere(drawing, group);
        assertThat(kept).containsExactly(DISC);
        Job grouped = job.withGroups(List.of(group));
        assertThat(Colouring.without(grouped, group, kept).groups())
                .containsExactly(new AreaGroup("Target", List.of(DISC)));
        assertThat(Colouring.without(grouped, group, List.of()).groups()).isEmpty();
    }

    @Test
    void aShadowMakesADarkerSwatchForEachColourBeneathItOnce() throws IOException {
        List<Point> ring = new ArrayList<>();
        for (int k = 0; k < 60; k++) {
            double angle = 2 * Math.PI * k / 60;
            ring.add(new Point(13 + 4 * Math.cos(angle), 10 + 4 * Math.sin(angle)));
        }
        Job shaded = Colouring.shade(job, drawing, ring).orElseThrow();
        assertThat(shaded.swatches())
                .extracting(Swatch::name)
                .containsExactly(
                        "Bull & eye", "Straw <2>", "Bull & eye, shaded", "Straw <2>, shaded");
        Swatch dark = shaded.swatches().get(2);
        assertThat(dark.build().total()).isGreaterThan(Jobs.INNER.build().total());
        assertThat(area(shaded, 3) + area(shaded, 4)).isBetween(40.0, 51.0);
        double before = area(job, 1) + area(job, 2);
        double after = 0;
        for (int id = 1; id <= 4; id++) {
            after += area(shaded, id);
        }
        assertThat(after).as("flats stay flat").isBetween(before - 0.01, before + 0.01);
        Drawing now = PIPELINE.apart().run(shaded, Progress.SILENT);
        assertThat(Colouring.shade(shaded, now, ring).orElseThrow().swatches())
                .as("used again")
                .hasSize(4);
    }

    @Test
    void formsNeedAColourBeneath() throws IOException {
        Job bare = Jobs.plain();
        Drawing plain = new Pipeline().run(bare, Progress.SILENT);
        assertThat(Colouring.inset(bare, plain, DISC, 1, true)).isEmpty();
        assertThat(Colouring.side(bare, plain, new Point(0.1, 0.1), 1, true)).isEmpty();
        assertThat(Colouring.shade(bare, plain, List.of(DISC, RING, new Point(12, 8)))).isEmpty();
        Job inset = Colouring.inset(job, drawing, DISC, 1, true).orElseThrow();
        assertThat(inset.swatches().get(2).build().total()).isLessThan(Jobs.INNER.build().total());
        assertThat(area(inset, 3)).isGreaterThan(5);
    }

    @Test
    void theCastShadowIsOneAndFollowsTheLight() throws IOException {
        Job cast = Colouring.cast(Colouring.cast(job, 1), 2);
        assertThat(cast.flat().forms()).hasSize(1);
        FlatLayer lower =
                PIPELINE.apart().run(cast, Progress.SILENT).layers().stream()
                        .filter(layer -> layer.swatch().name().equals("Cast shadow"))
                        .findFirst()
                        .orElseThrow();
        FlatLayer upper =
                PIPELINE
                        .apart()
                        .run(cast.withFlat(cast.flat().withLightDegrees(135)), Progress.SILENT)
                        .layers()
                        .stream()
                        .filter(layer -> layer.swatch().name().equals("Cast shadow"))
                        .findFirst()
                        .orElseThrow();
        assertThat(lower.shape().getCentroid().getY()).isGreaterThan(11);
        assertThat(upper.shape().getCentroid().getY()).isLessThan(9);
    }

    /** Its sister is known whatever either is called. */
    @Test
    void aShadedSwatchIsFoundAgainThoughBothWereRenamed() {
        Colouring.With once = Colouring.toned(job, 1, false);
        Swatch shaded = once.job().swatch(once.swatch()).orElseThrow();
        Job renamed =
                once.job()
                        .withSwatch(shaded.withName("Dusk"))
                        .withSwatch(Jobs.INNER.withName("n".repeat(Swatch.MOST_LETTERS)));
        assertThat(Colouring.toned(renamed, 1, false).swatch()).isEqualTo(once.swatch());
        assertThat(Colouring.toned(renamed, 1, true).swatch()).isNotEqualTo(once.swatch());
        // Another colour that happens to be called so is none.
        Job like = job.withSwatch(new Swatch(7, "Bull & eye, shaded", Jobs.OUTER.build()));
        assertThat(Colouring.toned(like, 1, false).swatch()).isNotEqualTo(7);
    }
}
