package neattrace.goods.made;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import neattrace.geom.Point;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.making.Motif;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.making.TieChoice;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * What hands do with finished goods: a target of two rings, with colours where they are asked for.
 */
@Tag("thorough")
class SceneTest {

    private final Pipeline pipeline = new Pipeline();

    private MadeGoods made(Job job, GoodsKind kind) throws IOException {
        Job wanting = job.withGoods(job.goods().with(UsualGoods.of(kind)));
        List<WantedGoods> all = wanting.goods().wanted();
        return made(wanting, all.get(all.size() - 1));
    }

    private MadeGoods made(Job job, WantedGoods wanted) throws IOException {
        return MadeGoods.of(
                pipeline,
                pipeline.run(job, Progress.SILENT),
                wanted,
                PressProfile.bundled(),
                Progress.SILENT);
    }

    private static WantedGoods done(MadeGoods made, Grip grip, Act act) {
        return grip.done(act, made.wanted(), false).orElseThrow();
    }

    private static List<Grip> ties(MadeGoods made) {
        return made.scene().grips().stream().filter(one -> one.move().isPresent()).toList();
    }

    private static double nearest(MadeGoods made, Point at) {
        return ties(made).stream()
                .mapToDouble(one -> one.at().distance(at))
                .min()
                .orElse(Double.MAX_VALUE);
    }

    @Test
    void aRefusedTieGoesElsewhereAndIsAllowedAgain() throws IOException {
        MadeGoods made = made(Jobs.plain(), GoodsKind.CUT_STENCIL);
        Grip tie = ties(made).get(0);
        MadeGoods without = made(Jobs.plain(), done(made, tie, Act.REMOVE));
        assertThat(ties(without)).hasSameSizeAs(ties(made));
        assertThat(nearest(without, tie.at())).isGreaterThan(1.2 * 2.5);
        Grip refused =
                without.scene().grips().stream()
                        .filter(one -> one.look() == Grip.Look.POSSIBLE)
                        .findFirst()
                        .orElseThrow();
        assertThat(refused.at().distance(tie.at())).isLessThan(0.01);
        WantedGoods again = done(without, refused, Act.SWITCH);
        assertThat(again.making().stencil().ties()).isEmpty();
    }

    @Test
    void aTieIsMovedAndAddedWhereOneCanRun() throws IOException {
        MadeGoods made = made(Jobs.plain(), GoodsKind.CUT_STENCIL);
        Grip tie = ties(made).get(0);
        // Opposite, through the middle of the sheet.
        Point to = new Point(210, 297).minus(tie.at());
        WantedGoods moved = tie.move().orElseThrow().to(made.wanted(), to);
        MadeGoods there = made(Jobs.plain(), moved);
        assertThat(nearest(there, to)).isLessThan(3);
        assertThat(nearest(there, tie.at())).isGreaterThan(1.2 * 2.5);
        // Moved once more, it is one decision that moves, and not a new one each time.
        Grip own =
                ties(there).stream()
                        .filter(one -> one.words().contains("by hand"))
                        .findFirst()
                        .orElseThrow();
        WantedGoods back = own.move().orElseThrow().to(moved, to.plus(new Point(5, 5)));
        assertThat(back.making().stencil().ties()).filteredOn(TieChoice::wanted).hasSize(1);

        WantedGoods added =
                made.scene().adding().orElseThrow().at(made.wanted(), 0, to).orElseThrow();
        assertThat(nearest(made(Jobs.plain(), added), to)).isLessThan(3);
    }

    @Test
    void aTieOnOneOfSeveralSheetsStaysThere() throws IOException {
        Job job = Jobs.coloured();
        MadeGoods ink = made(job, GoodsKind.CUT_STENCIL);
        WantedGoods apart =
                ink.wanted()
                        .withMaking(
                                ink.wanted()
                                        .making()
                                        .withStencil(
                                                StencilRecipe.USUAL.withAway(
                                                        StencilRecipe.Away.SWATCHES)));
        MadeGoods made = made(job, apart);
        assertThat(made.pages().size()).isGreaterThan(1);
        Grip tie = ties(made).get(0);
        WantedGoods added =
                made.scene().adding().orElseThrow().at(apart, tie.page(), tie.at()).orElseThrow();
        MadeGoods next = made(job, added);
        assertThat(ties(next)).filteredOn(one -> one.words().contains("by hand")).hasSize(1);
    }

    @Test
    void motifsAreMovedCopiedMirroredTurnedSizedAndTakenOff() throws IOException {
        MadeGoods made = made(Jobs.coloured(), GoodsKind.MUG);
        List<Grip> motifs = made.scene().grips();
        assertThat(motifs).hasSize(2);
        WantedGoods next = motifs.get(0).move().orElseThrow().to(made.wanted(), new Point(60, 40));
        assertThat(motif(next, 0).xMm()).isEqualTo(60);
        // The other one stays where it lay by itself.
        assertThat(motif(next, 1).xMm()).isEqualTo(motifs.get(1).at().x());
        next = motifs.get(0).done(Act.MIRROR, next, false).orElseThrow();
        next = motifs.get(0).done(Act.TURN, next, false).orElseThrow();
        next = motifs.get(0).done(Act.TURN, next, true).orElseThrow();
        assertThat(motif(next, 0)).matches(Motif::mirrored);
        assertThat(motif(next, 0).turnDegrees()).isEqualTo(16);
        assertThat(motif(next, 0).xMm()).isEqualTo(60);
        double wide = motif(next, 0).widthMm();
        next = motifs.get(0).done(Act.LARGER, next, false).orElseThrow();
        assertThat(motif(next, 0).widthMm()).isCloseTo(1.08 * wide, within(1e-9));
        next = motifs.get(0).done(Act.ANOTHER, next, false).orElseThrow();
        assertThat(next.making().wrap().motifs()).hasSize(3);
        for (int i = 0; i < 5; i++) {
            next = motifs.get(0).done(Act.REMOVE, next, false).orElseThrow();
        }
        // An empty wrap would be laid anew: the last one stays.
        assertThat(next.making().wrap().motifs()).hasSize(1);
        assertThat(made(Jobs.coloured(), next).scene().grips()).hasSize(1);
    }

    private static Motif motif(WantedGoods goods, int index) {
        return goods.making().wrap().motifs().get(index);
    }

    @Test
    void innerEdgesBecomeBoldAndLinesAreTakenOut() throws IOException {
        MadeGoods made = made(Jobs.plain(), GoodsKind.TRANSFER_STENCIL);
        assertThat(made.scene().grips()).hasSize(2);
        Grip inner =
                made.scene().grips().stream()
                        .filter(one -> one.can().contains(Act.SWITCH))
                        .findFirst()
                        .orElseThrow();
        WantedGoods bold = done(made, inner, Act.SWITCH);
        assertThat(bold.making().transfer().edges()).hasSize(1);
        MadeGoods with = made(Jobs.plain(), bold);
        Grip chosen =
                with.scene().grips().stream()
                        .filter(one -> one.words().contains("bold by hand"))
                        .findFirst()
                        .orElseThrow();
        assertThat(done(with, chosen, Act.SWITCH).making().transfer().edges()).isEmpty();

        WantedGoods out = done(made, inner, Act.REMOVE);
        MadeGoods without = made(Jobs.plain(), out);
        assertThat(objects(without)).isEqualTo(objects(made) - 1);
        Grip gone =
                without.scene().grips().stream()
                        .filter(one -> one.look() == Grip.Look.POSSIBLE)
                        .findFirst()
                        .orElseThrow();
        assertThat(done(without, gone, Act.REMOVE).making().transfer().dropped()).isEmpty();
    }

    private static int objects(MadeGoods made) {
        return made.pages().get(0).layers().get(0).objects().size();
    }

    @Test
    void aPrintIsLaidOnItsClothAndSignedWhereItIsQuiet() throws IOException {
        MadeGoods made = made(Jobs.coloured(), GoodsKind.SHIRT);
        Grip print = made.scene().grips().get(0);
        WantedGoods lower =
                print.move().orElseThrow().to(made.wanted(), print.at().plus(new Point(7, 20)));
        assertThat(lower.making().cloth().belowMm()).isCloseTo(105, within(1e-6));
        MadeGoods next = made(Jobs.coloured(), lower);
        Point moved = next.scene().grips().get(0).at().minus(print.at());
        assertThat(moved.y()).isCloseTo(20, within(1e-6));
        assertThat(moved.x()).isCloseTo(0, within(1e-6));

        WantedGoods signed =
                lower.withMaking(
                        lower.making().withCloth(lower.making().cloth().withSignature("A.")));
        MadeGoods with = made(Jobs.coloured(), signed);
        List<Grip> places =
                with.scene().grips().stream()
                        .filter(one -> one.words().startsWith("Quiet"))
                        .toList();
        assertThat(places).isNotEmpty();
        Grip last = places.get(places.size() - 1);
        MadeGoods there = made(Jobs.coloured(), done(with, last, Act.SWITCH));
        Grip signature =
                there.scene().grips().stream()
                        .filter(one -> one.words().startsWith("Signature"))
                        .findFirst()
                        .orElseThrow();
        assertThat(signature.at().distance(last.at())).isLessThan(2);
        assertThat(
                        signature
                                .done(Act.REMOVE, there.wanted(), false)
                                .orElseThrow()
                                .making()
                                .cloth()
                                .signature())
                .isEmpty();
        // Files have the print alone, at its own size.
        assertThat(there.pages().get(0).widthMm()).isCloseTo(280, within(0.1));
        assertThat(there.scene().pages().get(0).plan().widthMm()).isGreaterThan(500);
    }

    /** On a page so small that the inner ring takes no pencil. */
    @Test
    void anAreaTooSmallForAPencilIsMadeLargeEnoughAndBack() throws IOException {
        WantedGoods usual = made(Jobs.plain(), GoodsKind.COLOURING_PAGE).wanted();
        WantedGoods tiny =
                usual.withGoods(
                        usual.goods()
                                .withSizing(
                                        usual.goods().sizing().withWidthMm(20).withHeightMm(20)));
        MadeGoods made = made(Jobs.plain(), tiny);
        Grip small = made.scene().grips().get(0);
        assertThat(small.words()).startsWith("Too small");
        assertThat(small.preview().get()).isNotEmpty();
        WantedGoods mended = done(made, small, Act.SWITCH);
        assertThat(mended.making().page().mends()).hasSize(1);
        MadeGoods next = made(Jobs.plain(), mended);
        assertThat(next.scene().grips())
                .filteredOn(one -> one.look() == Grip.Look.MARKED)
                .hasSizeLessThan(
                        (int)
                                made.scene().grips().stream()
                                        .filter(one -> one.look() == Grip.Look.MARKED)
                                        .count());
        Grip back =
                next.scene().grips().stream()
                        .filter(one -> one.look() == Grip.Look.POSSIBLE)
                        .findFirst()
                        .orElseThrow();
        assertThat(done(next, back, Act.REMOVE).making().page().mends()).isEmpty();
    }

    @Test
    void everyPlaceOfTheDrawingIsKnownOnItsPages() throws IOException {
        for (GoodsKind kind : GoodsKind.values()) {
            if (MadeGoods.makes(kind)) {
                MadeGoods made = made(Jobs.coloured(), kind);
                var extent = pipeline.run(Jobs.coloured(), Progress.SILENT).extent();
                Scene.Page page = made.scene().pages().get(0);
                Point corner = page.place(new Point(extent.left(), extent.top()));
                Point other = page.place(new Point(extent.right(), extent.bottom()));
                assertThat(corner.x()).as(kind.key()).isBetween(0.0, page.plan().widthMm());
                assertThat(other.y()).as(kind.key()).isBetween(0.0, page.plan().heightMm());
                assertThat(other.x()).as(kind.key()).isGreaterThan(corner.x());
            }
        }
    }
}
