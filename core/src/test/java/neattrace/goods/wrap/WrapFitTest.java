package neattrace.goods.wrap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import neattrace.goods.GoodsKind;
import neattrace.goods.making.Motif;
import neattrace.job.GoodsSection;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Extent;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;

/** Wherever a motif lies and however large it is: mended it is whole, clear, and seen. */
class WrapFitTest {

    private static final WantedGoods USUAL = GoodsSection.UNDECIDED.firstOf(GoodsKind.MUG);

    /** A drawing of 40 x 30 mm. */
    private static final WrapArt ART =
            new WrapArt(
                    new Extent(5, 5, 45, 35),
                    new GeometryFactory().toGeometry(new Envelope(5, 45, 5, 35)));

    private static Wrap wrap(Motif motif, boolean leftHanded) {
        WantedGoods wanted =
                USUAL.withMaking(
                        USUAL.making()
                                .withWrap(
                                        USUAL.making()
                                                .wrap()
                                                .withLeftHanded(leftHanded)
                                                .withMotifs(List.of(motif))));
        return Wrap.of(List.of(ART), wanted);
    }

    private static Motif motif(double x, double y, double wide, double turn) {
        return new Motif(0, x, y, wide, turn, false);
    }

    @Property(tries = 200, seed = "20261")
    void whatIsMovedInIsCutOffNowhereAndClearOfTheHandle(
            @ForAll @DoubleRange(min = -300, max = 500) double x,
            @ForAll @DoubleRange(min = -300, max = 300) double y,
            @ForAll @DoubleRange(min = 2, max = 600) double wide,
            @ForAll @DoubleRange(min = -180, max = 180) double turn) {
        Wrap before = wrap(motif(x, y, wide, turn), false);
        Motif in = before.fitted(before.motifs().get(0));
        Wrap after = wrap(in, false);
        assertThat(after.isCutOff(in)).isFalse();
        assertThat(after.isAtHandle(in)).isFalse();
        assertThat(in.turnDegrees()).isEqualTo(before.motifs().get(0).turnDegrees());
        assertThat(in.widthMm()).isLessThanOrEqualTo(wide + 1e-9);
    }

    @Property(tries = 200, seed = "20261")
    void whatIsNarrowedIsSeenAtOnceAndStaysWhereItIs(
            @ForAll @DoubleRange(min = 0, max = 200) double x,
            @ForAll @DoubleRange(min = 20, max = 400) double wide,
            @ForAll @DoubleRange(min = -180, max = 180) double turn) {
        Wrap before = wrap(motif(x, 45, wide, turn), false);
        Motif narrow = before.narrowed(before.motifs().get(0));
        assertThat(WrapFacts.hiddenShare(before, narrow)).isLessThan(1e-9);
        assertThat(narrow.xMm()).isEqualTo(x);
        assertThat(before.narrowed(narrow).widthMm()).isCloseTo(narrow.widthMm(), within(1e-9));
    }

    @Property(tries = 200, seed = "20261")
    void whatIsTurnedToWhoDrinksIsSeenByThem(
            @ForAll @DoubleRange(min = 0, max = 200) double x,
            @ForAll @DoubleRange(min = 5, max = 200) double wide,
            @ForAll boolean leftHanded) {
        Wrap before = wrap(motif(x, 45, wide, 0), leftHanded);
        Motif there = before.facing(before.motifs().get(0));
        Wrap after = wrap(there, leftHanded);
        assertThat(WrapFacts.facesDrinker(after)).isTrue();
        assertThat(after.isAtHandle(there)).isFalse();
    }

    @Test
    void whatFitsStaysAsItIs() {
        Wrap wrap = wrap(motif(100, 45, 40, 10), false);
        Motif motif = wrap.motifs().get(0);
        assertThat(wrap.fitted(motif)).isEqualTo(motif);
        assertThat(wrap.narrowed(motif)).isEqualTo(motif);
    }

    @Test
    void placesRoundTheCupAreTheSameAfterAWholeRound() {
        Cup cup = new Cup(200, 82);
        double round = Math.PI * 82;
        for (double mm : new double[] {-400, -30, 0, 100, 229, 1000}) {
            double in = cup.inRound(mm);
            assertThat(Math.abs(in - 100)).isLessThanOrEqualTo(round / 2 + 1e-9);
            double rounds = (mm - in) / round;
            assertThat(rounds).isCloseTo(Math.rint(rounds), within(1e-9));
        }
    }

    @Test
    void aBoxIsTheHullsAndNotTheBoxOfABox() {
        GeometryFactory factory = new GeometryFactory();
        WrapArt disc =
                new WrapArt(
                        new Extent(0, 0, 20, 20),
                        factory.createPoint(new Coordinate(10, 10)).buffer(10, 64));
        WantedGoods wanted =
                USUAL.withMaking(
                        USUAL.making()
                                .withWrap(
                                        USUAL.making()
                                                .wrap()
                                                .withMotifs(List.of(motif(100, 45, 20, 45)))));
        Wrap wrap = Wrap.of(List.of(disc), wanted);
        assertThat(wrap.box(wrap.motifs().get(0)).getWidth()).isCloseTo(20, within(0.05));
    }
}
