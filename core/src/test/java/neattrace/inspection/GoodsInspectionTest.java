package neattrace.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Place;
import neattrace.geom.Point;
import neattrace.goods.GoodsKind;
import neattrace.goods.Ground;
import neattrace.goods.Sizing;
import neattrace.goods.UsualGoods;
import neattrace.goods.making.Motif;
import neattrace.goods.making.TieChoice;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
import org.junit.jupiter.api.Test;

/** What is found of stencils, mugs and shirts goes once it is answered, whichever way. */
class GoodsInspectionTest {

    private static final double MM = 300 / 25.4;

    private final Pipeline pipeline = new Pipeline();
    private Drawing drawing;

    private Optional<Group> look(Job job, String key) throws IOException {
        drawing = pipeline.run(job, Progress.SILENT);
        return new Inspector(pipeline, List.of(GoodsInspection.GOODS))
                .look(drawing, Progress.SILENT).groups().stream()
                        .filter(group -> group.kind().key().equals(key))
                        .findFirst();
    }

    private Job answered(Job job, Finding finding, String key) {
        return answer(finding.answers(), key).apply(job, drawing);
    }

    private static Answer.Change answer(List<Answer> answers, String key) {
        return answers.stream()
                .filter(one -> one.key().equals(key))
                .map(Answer.Change.class::cast)
                .findFirst()
                .orElseThrow();
    }

    private static Job wanting(Job job, GoodsKind kind, UnaryOperator<WantedGoods> change) {
        GoodsSection section = GoodsSection.UNDECIDED.with(UsualGoods.of(kind));
        return job.withGoods(section.with(change.apply(section.wanted().get(0))));
    }

    /** As large as it is scanned, so that mm of the picture are mm of the goods. */
    private static WantedGoods asScanned(WantedGoods goods) {
        Sizing sizing = goods.goods().sizing().withFit(Sizing.Fit.SCANNED);
        return goods.withGoods(goods.goods().withSizing(sizing));
    }

    /** Two black squares of 20 mm, a web between them and a small hole in the left one, mm. */
    private static Job squares(double webMm, double holeMm) throws IOException {
        BufferedImage image = Pictures.plain(720, 480, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.BLACK);
        int side = (int) (20 * MM);
        g.fillRect(60, 60, side, side);
        g.fillRect(60 + side + (int) Math.round(webMm * MM), 60, side, side);
        g.setColor(Color.WHITE);
        int hole = (int) Math.round(holeMm * MM);
        g.fillRect(150, 150, hole, hole);
        g.dispose();
        return Job.of(new Source("squares.png", Pictures.png(image, 300)));
    }

    private void goesEitherWay(Job job, String kind, String answer) throws IOException {
        Group group = look(job, kind).orElseThrow();
        for (String key : List.of(answer, Leaving.LEAVE)) {
            Job next = job;
            for (Finding one : group.findings()) {
                next = answered(next, one, key);
            }
            assertThat(look(next, kind)).as(kind + " after " + key).isEmpty();
        }
    }

    @Test
    void aNarrowWebIsFoundWhereItIsAndThickened() throws IOException {
        Job job = wanting(squares(1, 8), GoodsKind.CUT_STENCIL, GoodsInspectionTest::asScanned);
        Finding web = look(job, "stencil-web-narrow").orElseThrow().findings().get(0);
        assertThat(web.measure().orElseThrow().value()).isBetween(0.8, 1.2);
        assertThat(web.place().orElseThrow().at().x()).isBetween(60 / MM + 20, 60 / MM + 21);
        goesEitherWay(job, "stencil-web-narrow", "thicken");
        assertThat(
                        look(
                                wanting(
                                        squares(3, 8),
                                        GoodsKind.CUT_STENCIL,
                                        one -> asScanned(one)),
                                "stencil-web-narrow"))
                .isEmpty();
    }

    /** A bird of 60 mm that hangs on two ties is told, one that hangs on enough is not. */
    @Test
    void aLargeIslandIsHeldByMoreThanTwoTies() throws IOException {
        BufferedImage image = Pictures.plain(1000, 1000, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.BLACK);
        g.fillOval(100, 100, 800, 800);
        g.setColor(Color.WHITE);
        g.fillOval(140, 140, 720, 720);
        g.dispose();
        Job job =
                wanting(
                        Job.of(new Source("ring.png", Pictures.png(image, 300))),
                        GoodsKind.CUT_STENCIL,
                        GoodsInspectionTest::asScanned);
        Job next = job;
        int answers = 0;
        for (; look(next, "stencil-island-heavy").isPresent() && answers < 6; answers++) {
            Finding heavy = look(next, "stencil-island-heavy").get().findings().get(0);
            next = answered(next, heavy, "tie");
            // The two it had stay, and each answer is one tie more.
            assertThat(next.goods().wanted().get(0).making().stencil().ties()).hasSize(3 + answers);
        }
        assertThat(answers).isBetween(1, 5);
        assertThat(look(next, "stencil-island-heavy")).isEmpty();
        assertThat(look(next, "stencil-tie-adrift")).isEmpty();
    }

    @Test
    void aTinyIslandFallsOutOrStays() throws IOException {
        Job job = wanting(Jobs.plain(), GoodsKind.CUT_STENCIL, one -> asScanned(tied(one, 6)));
        Group tiny = look(job, "stencil-island-tiny").orElseThrow();
        Job without = answered(job, tiny.findings().get(0), "drop");
        assertThat(without.goods().wanted().get(0).making().stencil().dropMm2())
                .isGreaterThanOrEqualTo(tiny.findings().get(0).measure().orElseThrow().value());
        goesEitherWay(job, "stencil-island-tiny", "drop");
    }

    /** An island like a C has no middle in it; the frame lies round it all the same. */
    @Test
    void theFrameOfAnIslandLiesRoundIt() throws IOException {
        BufferedImage image = Pictures.plain(1000, 1000, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.BLACK);
        g.fillRect(60, 60, 880, 880);
        g.setColor(Color.WHITE);
        g.fillRect(100, 100, 200, 800);
        g.fillRect(100, 100, 800, 100);
        g.fillRect(100, 800, 800, 100);
        g.dispose();
        Job job =
                wanting(
                        Job.of(new Source("c.png", Pictures.png(image, 300))),
                        GoodsKind.CUT_STENCIL,
                        GoodsInspectionTest::asScanned);
        Place.Box box =
                (Place.Box)
                        look(job, "stencil-island-heavy")
                                .orElseThrow()
                                .findings()
                                .get(0)
                                .place()
                                .orElseThrow();
        assertThat(box.at().x()).isCloseTo(500 / MM, within(0.2));
        assertThat(box.at().y()).isCloseTo(500 / MM, within(0.2));
        assertThat(box.widthMm()).isCloseTo(800 / MM, within(0.3));
    }

    private static WantedGoods tied(WantedGoods goods, double tieMm) {
        return goods.withMaking(
                goods.making().withStencil(goods.making().stencil().withTieMm(tieMm)));
    }

    @Test
    void anIslandWithoutTiesStopsTheJobUntilTheyAreLaidAnew() throws IOException {
        Job job = wanting(squares(5, 8), GoodsKind.CUT_STENCIL, GoodsInspectionTest::asScanned);
        // Ties are refused all about the hole.
        Job refused =
                job.changed(
                        1,
                        one ->
                                one.withMaking(
                                        one.making()
                                                .withStencil(
                                                        one.making().stencil().withTies(grid()))));
        Group apart = look(refused, "stencil-falls-apart").orElseThrow();
        assertThat(look(refused, "stencil-island-loose")).isPresent();
        Job anew = answered(refused, apart.findings().get(0), "ties-anew");
        assertThat(look(anew, "stencil-falls-apart")).isEmpty();
        assertThat(look(anew, "stencil-island-loose")).isEmpty();
    }

    private static List<TieChoice> grid() {
        ArrayList<TieChoice> all = new ArrayList<>();
        for (double x = 5; x <= 26; x += 1.5) {
            for (double y = 5; y <= 26; y += 1.5) {
                all.add(new TieChoice(new Point(x, y), false));
            }
        }
        return all;
    }

    @Test
    void aTieThatCanRunNowhereIsNotForgottenInSilence() throws IOException {
        Job job = wanting(squares(5, 8), GoodsKind.CUT_STENCIL, GoodsInspectionTest::asScanned);
        Job off = job.changed(1, one -> put(one, new Point(59, 38)));
        Group adrift = look(off, "stencil-tie-adrift").orElseThrow();
        assertThat(adrift.findings()).hasSize(1);
        Job without = answered(off, adrift.findings().get(0), "forget");
        assertThat(look(without, "stencil-tie-adrift")).isEmpty();
        assertThat(without.goods().wanted().get(0).making().stencil().ties()).isEmpty();
        Job on = job.changed(1, one -> put(one, new Point(10, 16)));
        assertThat(look(on, "stencil-tie-adrift")).isEmpty();
    }

    private static WantedGoods put(WantedGoods goods, Point at) {
        return goods.withMaking(
                goods.making()
                        .withStencil(
                                goods.making()
                                        .stencil()
                                        .withTies(List.of(new TieChoice(at, true)))));
    }

    @Test
    void detailsOfTransferStencilsAreTakenOutOneByOneOrAllAtOnce() throws IOException {
        BufferedImage image = Pictures.plain(720, 480, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(5));
        g.drawOval(100, 80, 300, 300);
        g.drawLine(200, 220, 214, 220);
        g.drawLine(260, 260, 274, 266);
        g.dispose();
        Job job =
                wanting(
                        Job.of(new Source("marks.png", Pictures.png(image, 300))),
                        GoodsKind.TRANSFER_STENCIL,
                        GoodsInspectionTest::asScanned);
        Group details = look(job, "transfer-detail").orElseThrow();
        assertThat(details.findings()).hasSize(2);
        goesEitherWay(job, "transfer-detail", "drop");
        Job all = answer(details.answers(), "drop").apply(job, drawing);
        assertThat(all.goods().wanted().get(0).making().transfer().dropped()).hasSize(2);
        assertThat(look(all, "transfer-detail")).isEmpty();
    }

    private static Job mug(Motif... motifs) throws IOException {
        return wanting(
                Jobs.coloured(),
                GoodsKind.MUG,
                one ->
                        one.withMaking(
                                one.making()
                                        .withWrap(
                                                one.making().wrap().withMotifs(List.of(motifs)))));
    }

    @Test
    void motifsAreMovedInNarrowedAndTurnedToWhoDrinks() throws IOException {
        goesEitherWay(mug(new Motif(0, 10, 45, 50, 0, false)), "wrap-cut-off", "fit");
        goesEitherWay(mug(new Motif(0, 34, 45, 50, 0, false)), "wrap-at-handle", "fit");
        goesEitherWay(mug(new Motif(0, 100, 45, 88, 0, false)), "wrap-hidden", "narrower");
        goesEitherWay(mug(new Motif(0, 60, 45, 50, 0, false)), "wrap-faces-nobody", "turn");
        Job usual = mug();
        for (Kind kind : WrapFindings.KINDS) {
            assertThat(look(usual, kind.key())).as(kind.key()).isEmpty();
        }
    }

    @Test
    void signaturesAreMadeToHoldAndInksLikeTheClothAreTold() throws IOException {
        goesEitherWay(shirt(1.5), "signature-small", "resize");
        goesEitherWay(shirt(40), "signature-large", "resize");
        Job job = shirt(4);
        assertThat(look(job, "cloth-colour-printed")).isEmpty();
        Rgb ink = PressProfile.bundled().preview(job.swatches().get(0).build());
        Job same =
                job.changed(
                        1,
                        one ->
                                one.withGoods(
                                        one.goods()
                                                .withGround(
                                                        new Ground(Ground.Material.CLOTH, ink))));
        Group found = look(same, "cloth-colour-printed").orElseThrow();
        assertThat(
                        look(
                                answered(same, found.findings().get(0), Leaving.LEAVE),
                                "cloth-colour-printed"))
                .isEmpty();
    }

    private static Job shirt(double letters) throws IOException {
        return wanting(
                Jobs.coloured(),
                GoodsKind.SHIRT,
                one ->
                        one.withMaking(
                                one.making()
                                        .withCloth(
                                                one.making()
                                                        .cloth()
                                                        .withSignature("A.")
                                                        .withSignatureMm(letters))));
    }
}
