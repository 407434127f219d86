package neattrace.goods.wrap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import neattrace.geom.Point;
import neattrace.goods.GoodsKind;
import neattrace.goods.Sizing;
import neattrace.goods.making.Motif;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.press.black.BlackChoice;
import neattrace.print.PrintLayer;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Test;

class WrapTest {

    private static final WantedGoods USUAL = GoodsSection.UNDECIDED.firstOf(GoodsKind.MUG);
    private static final Cup CUP = new Cup(200, 82);

    private static Drawing drawing() throws IOException {
        return new Pipeline().run(Jobs.coloured(), Progress.SILENT);
    }

    private static WantedGoods with(Motif... motifs) {
        return USUAL.withMaking(
                USUAL.making().withWrap(USUAL.making().wrap().withMotifs(List.of(motifs))));
    }

    private static List<String> told(Wrap wrap) {
        return WrapFacts.of(wrap).findings().stream().map(one -> one.kind()).toList();
    }

    /** A third of the way round: 120 degrees of a cup of 82 mm are 85.87 mm (by hand). */
    @Test
    void aThirdOfTheWayRoundIsSeenAtOnce() {
        assertThat(CUP.widestMm()).isCloseTo(Math.PI * 82 / 3, within(1e-9));
        assertThat(CUP.seenShare(0, Math.PI * 82 / 3, Math.PI * 82 / 6)).isCloseTo(1, within(1e-9));
        assertThat(CUP.seenShare(0, 2 * Math.PI * 82 / 3, Math.PI * 82 / 3))
                .isCloseTo(0.5, within(1e-9));
        assertThat(CUP.seenShare(150, 200, 0)).isZero();
    }

    /** The projection of a cylinder from far away: sine of the angle, by hand at 30 degrees. */
    @Test
    void aPlaceIsSeenAtTheSineOfItsAngle() {
        double thirty = Math.PI / 6 * 41;
        assertThat(CUP.seenAt(100 + thirty, 100)).isCloseTo(20.5, within(1e-9));
        assertThat(CUP.squeeze(100 + 2 * thirty, 100)).isCloseTo(0.5, within(1e-9));
        assertThat(CUP.seenAt(100 + 4 * thirty, 100)).isCloseTo(41, within(1e-9));
        assertThat(CUP.squeeze(100 + 4 * thirty, 100)).isZero();
    }

    /** With the handle at the right, a right-handed drinker sees what lies left of it. */
    @Test
    void whatFacesTheDrinkerLiesAQuarterRoundFromTheHandle() {
        double handle = 100 + Math.PI * 82 / 2;
        assertThat(handle - CUP.facingMm(false)).isCloseTo(Math.PI * 82 / 4, within(1e-9));
        assertThat(CUP.facingMm(true)).isCloseTo(200 - CUP.facingMm(false), within(1e-9));
        assertThat(CUP.handleMm()).isCloseTo(Math.PI * 82 - 200, within(1e-9));
    }

    @Test
    void oneDrawingStandsOnBothSides() throws IOException {
        Wrap wrap = Wrap.of(List.of(WrapArt.of(drawing())), USUAL);
        assertThat(wrap.motifs()).hasSize(2);
        assertThat(wrap.motifs()).noneMatch(wrap::isCutOff).noneMatch(wrap::isAtHandle);
        assertThat(told(wrap)).isEmpty();
        PrintPlan plan = WrapPlan.of(wrap, List.of(drawing()), PressProfile.bundled());
        assertThat(plan.widthMm()).isEqualTo(200);
        assertThat(plan.heightMm()).isEqualTo(90);
        double left = 1e9;
        double right = 0;
        for (PrintLayer layer : plan.of(PrintLayer.Kind.LINES)) {
            for (var object : layer.objects()) {
                var box = ((PrintShape.Curved) object.shape()).outline().toPath().getBounds2D();
                left = Math.min(left, box.getMinX());
                right = Math.max(right, box.getMaxX());
            }
        }
        assertThat(left).isCloseTo(10, within(0.02));
        assertThat(right).isCloseTo(190, within(0.02));
    }

    @Test
    void severalDrawingsStandSideBySide() throws IOException {
        WrapArt one = WrapArt.of(drawing());
        Wrap wrap = Wrap.of(List.of(one, one, one), USUAL);
        assertThat(wrap.motifs()).extracting(Motif::drawing).containsExactly(0, 1, 2);
        for (int i = 1; i < 3; i++) {
            assertThat(wrap.box(wrap.motifs().get(i - 1)).getMaxX())
                    .isLessThan(wrap.box(wrap.motifs().get(i)).getMinX());
        }
    }

    @Test
    void whatIsCutOffOrHiddenIsTold() throws IOException {
        WrapArt one = WrapArt.of(drawing());
        Wrap off = Wrap.of(List.of(one), with(new Motif(0, 10, 45, 60, 0, false)));
        assertThat(told(off)).contains("cut-off");
        Wrap near = Wrap.of(List.of(one), with(new Motif(0, 45, 45, 80, 0, false)));
        assertThat(told(near)).contains("handle");
        Wrap wide =
                Wrap.of(
                        List.of(one),
                        USUAL.withGoods(
                                        USUAL.goods()
                                                .withSizing(
                                                        new Sizing(Sizing.Fit.PAGE, 200, 150, 300)))
                                .withMaking(with(new Motif(0, 100, 75, 120, 0, false)).making()));
        assertThat(told(wide)).contains("curve");
        assertThat(WrapFacts.of(wide).json()).contains("\"hiddenShare\" : 0.284");
    }

    @Test
    void aMirroredMotifIsMirrored() throws IOException {
        Drawing one = drawing();
        Motif motif = new Motif(0, 100, 45, 60, 0, false);
        double area = signedArea(one, motif);
        double other = signedArea(one, new Motif(0, 100, 45, 60, 0, true));
        assertThat(other).isCloseTo(-area, within(1e-6));
    }

    private static double signedArea(Drawing one, Motif motif) {
        PrintPlan plan =
                WrapPlan.of(
                        Wrap.of(List.of(WrapArt.of(one)), with(motif)),
                        List.of(one),
                        PressProfile.bundled());
        PrintShape.Curved shape =
                (PrintShape.Curved) plan.of(PrintLayer.Kind.LINES).get(0).objects().get(0).shape();
        return shape.outline().outer().signedArea();
    }

    /** Turned by 45 degrees a ring takes no more room than before; its box would. */
    @Test
    void aTurnedMotifReachesAsFarAsItsInk() throws IOException {
        WrapArt ring = WrapArt.of(new Pipeline().run(Jobs.plain(), Progress.SILENT));
        Wrap straight = Wrap.of(List.of(ring), with(new Motif(0, 100, 45, 80, 0, false)));
        Wrap turned = Wrap.of(List.of(ring), with(new Motif(0, 100, 45, 80, 45, false)));
        assertThat(turned.box(turned.motifs().get(0)).getWidth())
                .isCloseTo(straight.box(straight.motifs().get(0)).getWidth(), within(0.3));
        assertThat(turned.motifs()).noneMatch(turned::isCutOff);
    }

    @Test
    void aMotifOfADrawingThatIsNotThereIsLeftOut() throws IOException {
        Wrap wrap =
                Wrap.of(List.of(WrapArt.of(drawing())), with(new Motif(3, 100, 45, 60, 0, false)));
        assertThat(wrap.motifs()).allMatch(one -> one.drawing() == 0);
    }

    /** Four times as large both rings are bold; left to black alone by hand, on both sides. */
    @Test
    void blackThatWasChosenByHandCountsOnEveryMotif() throws IOException {
        double mm = 25.4 / 300;
        Job plain = Jobs.coloured();
        Job byHand =
                plain.withPress(
                        plain.press()
                                .withChoices(
                                        List.of(
                                                new BlackChoice(
                                                        new Point(28 * mm, 118 * mm), false),
                                                new BlackChoice(
                                                        new Point(78 * mm, 118 * mm), false))));
        assertThat(beneathBlack(plain)).isEqualTo(4);
        assertThat(beneathBlack(byHand)).isZero();
    }

    private static long beneathBlack(Job job) throws IOException {
        Drawing drawing = new Pipeline().run(job, Progress.SILENT);
        Wrap wrap = Wrap.of(List.of(WrapArt.of(drawing)), USUAL);
        PrintPlan plan =
                WrapPlan.ready(wrap, List.of(drawing), PressProfile.bundled(), Progress.SILENT);
        return plan.of(PrintLayer.Kind.UNDER_BLACK).stream()
                .filter(layer -> layer.name().startsWith("Under the black"))
                .flatMap(layer -> layer.objects().stream())
                .mapToLong(
                        object ->
                                ((PrintShape.Filled) object.shape()).polygons().getNumGeometries())
                .sum();
    }
}
