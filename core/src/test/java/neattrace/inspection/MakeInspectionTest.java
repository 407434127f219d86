package neattrace.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Findings;
import neattrace.finding.Group;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.Sizing;
import neattrace.goods.UsualGoods;
import neattrace.goods.sticker.GoodsSticker;
import neattrace.goods.sticker.Sticker;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.stage.Progress;
import neattrace.testing.Pictures;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * What is found of stickers: a square and two dots far from it, whose sizes and distances are known
 * from how they were drawn.
 */
@Tag("thorough")
class MakeInspectionTest {

    private static final double MM = 300 / 25.4;

    private final Pipeline pipeline = new Pipeline();
    private Drawing drawing;

    /** A square of 30 mm, a dot of 2 mm 12 mm to its right, another 15 mm below. */
    private static Job job(UnaryOperator<WantedGoods> sticker) throws IOException {
        BufferedImage image = Pictures.plain(720, 720, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.BLACK);
        g.fillRect(60, 60, (int) (30 * MM), (int) (30 * MM));
        g.fillOval((int) (60 + 42 * MM), 200, (int) (2 * MM), (int) (2 * MM));
        g.fillOval(200, (int) (60 + 45 * MM), (int) (2 * MM), (int) (2 * MM));
        g.dispose();
        Goods goods = UsualGoods.of(GoodsKind.STICKER);
        Goods scanned = goods.withSizing(goods.sizing().withFit(Sizing.Fit.SCANNED));
        GoodsSection section = GoodsSection.UNDECIDED.with(scanned);
        WantedGoods wanted = sticker.apply(section.wanted().get(0));
        return Job.of(new Source("dots.png", Pictures.png(image, 300)))
                .withGoods(section.with(wanted));
    }

    private Findings look(Job job) throws IOException {
        drawing = pipeline.run(job, Progress.SILENT);
        return new Inspector(pipeline, List.of(MakeInspection.MAKE)).look(drawing, Progress.SILENT);
    }

    private static Optional<Group> group(Findings findings, String key) {
        return findings.groups().stream()
                .filter(group -> group.kind().key().equals(key))
                .findFirst();
    }

    private Job answered(Job job, Finding finding, String key) {
        Answer.Change change =
                finding.answers().stream()
                        .filter(answer -> answer.key().equals(key))
                        .map(Answer.Change.class::cast)
                        .findFirst()
                        .orElseThrow();
        return change.apply(job, drawing);
    }

    private Sticker sticker(Job job) throws IOException {
        return GoodsSticker.of(
                pipeline,
                pipeline.run(job, Progress.SILENT),
                job.goods().wanted().get(0),
                PressProfile.bundled(),
                Progress.SILENT);
    }

    @Test
    void loosePiecesAreAskedAboutOneByOne() throws IOException {
        Job job = job(one -> one);
        Group loose = group(look(job), "sticker-piece-loose").orElseThrow();
        assertThat(loose.findings()).hasSize(2);
        Finding right =
                loose.findings().stream()
                        .filter(one -> one.place().orElseThrow().at().x() > 45)
                        .findFirst()
                        .orElseThrow();
        // 12 mm apart, a border of 2.5 mm round both.
        assertThat(right.measure().orElseThrow().value()).isCloseTo(7, within(0.2));
        assertThat(right.place().orElseThrow().at().x()).isCloseTo(48.1, within(0.3));

        Job bridged = answered(job, right, "bridge");
        Group left = group(look(bridged), "sticker-piece-loose").orElseThrow();
        assertThat(left.findings()).hasSize(1);
        assertThat(sticker(bridged).cuts()).hasSize(2);
        assertThat(sticker(bridged).cuts().get(0).widthMm()).isCloseTo(49, within(0.5));

        Job decided = answered(bridged, left.findings().get(0), "leave");
        assertThat(group(look(decided), "sticker-piece-loose")).isEmpty();
        assertThat(sticker(decided).cuts()).hasSize(1);
    }

    @Test
    void whatIsSaidForAllHoldsForAll() throws IOException {
        Job job = job(one -> one);
        Group loose = group(look(job), "sticker-piece-loose").orElseThrow();
        for (String key : List.of("own", "bridge", "leave")) {
            Answer.Change answer =
                    loose.answers().stream()
                            .filter(one -> one.key().equals(key))
                            .map(Answer.Change.class::cast)
                            .findFirst()
                            .orElseThrow();
            Job all = answer.apply(job, drawing);
            assertThat(group(look(all), "sticker-piece-loose")).isEmpty();
            assertThat(sticker(all).cuts()).hasSize(key.equals("own") ? 3 : 1);
        }
    }

    @Test
    void manySpecksAreToldAsOneKind() throws IOException {
        BufferedImage image = Pictures.plain(900, 900, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.BLACK);
        for (int i = 0; i < 200; i++) {
            g.fillRect(20 + 40 * (i % 20), 20 + 40 * (i / 20), 9, 9);
        }
        g.dispose();
        Goods goods = UsualGoods.of(GoodsKind.STICKER);
        Goods large = goods.withSizing(new Sizing(Sizing.Fit.WIDTH, 750, 750, 300));
        Job job =
                Job.of(new Source("specks.png", Pictures.png(image, 300)))
                        .withGoods(GoodsSection.UNDECIDED.with(large));
        Group loose = group(look(job), "sticker-piece-loose").orElseThrow();
        assertThat(loose.findings()).hasSize(40);
        assertThat(loose.count()).isGreaterThan(180);
    }

    @Test
    void whatWasDecidedOfAPieceHoldsAtAnotherSize() throws IOException {
        Job job = job(one -> one);
        Job owned = job;
        for (Finding one : group(look(job), "sticker-piece-loose").orElseThrow().findings()) {
            owned = answered(owned, one, "own");
        }
        WantedGoods goods = owned.goods().wanted().get(0);
        Goods wide = goods.goods().withSizing(new Sizing(Sizing.Fit.WIDTH, 120, 120, 300));
        Job larger = owned.withGoods(owned.goods().with(goods.withGoods(wide)));
        assertThat(group(look(larger), "sticker-piece-loose")).isEmpty();
        assertThat(sticker(larger).cuts()).hasSize(3);
    }

    @Test
    void smallOnesAreToldWithTheirSizeAndCanBeLeft() throws IOException {
        Job job = job(one -> one);
        Group small = group(look(job), "sticker-small").orElseThrow();
        assertThat(small.findings()).hasSize(2);
        // A dot of 2 mm with 2.5 mm round it.
        assertThat(small.findings().get(0).measure().orElseThrow().value())
                .isCloseTo(7, within(0.2));
        Job left = answered(job, small.findings().get(0), "leave");
        assertThat(group(look(left), "sticker-small").orElseThrow().findings()).hasSize(1);
    }

    @Test
    void whatADriftingBladeShowsIsTold() throws IOException {
        Job thin =
                job(
                        one ->
                                one.withGoods(
                                        one.goods()
                                                .withEdges(one.goods().edges().withBorderMm(0.3))));
        Finding border = group(look(thin), "sticker-border-thin").orElseThrow().findings().get(0);
        assertThat(border.measure().orElseThrow().value()).isBetween(0.25, 0.5);
        assertThat(group(look(answered(thin, border, "leave")), "sticker-border-thin")).isEmpty();

        Job coloured =
                job(
                        one ->
                                one.withGoods(
                                                one.goods()
                                                        .withEdges(
                                                                one.goods()
                                                                        .edges()
                                                                        .withBleedMm(0.2)))
                                        .withSticker(
                                                one.sticker().withBorder(new Cmyk(0, 80, 60, 0))));
        assertThat(group(look(coloured), "sticker-bleed-short")).isPresent();
        assertThat(group(look(job(one -> one)), "sticker-bleed-short")).isEmpty();
    }

    @Test
    void nothingIsSaidOfWhatIsNoSticker() throws IOException {
        Job shirt =
                job(one -> one)
                        .withGoods(GoodsSection.UNDECIDED.with(UsualGoods.of(GoodsKind.SHIRT)));
        assertThat(look(shirt).groups()).isEmpty();
    }
}
