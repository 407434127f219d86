package neattrace.inspection;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.flat.Fill;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.Ground;
import neattrace.goods.Sizing;
import neattrace.goods.UsualGoods;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.PressSection;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.press.black.BlackChoice;
import neattrace.press.black.BlackSchool;
import neattrace.print.ready.PressPalette;
import neattrace.print.ready.PressTrials;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.trace.LineColour;
import neattrace.trace.LineRecipe;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Findings of the press, each of which its answers settle. */
@Tag("thorough")
class PressInspectionTest {

    private final Pipeline pipeline = new Pipeline();

    private Drawing drawing(Job job) throws IOException {
        return pipeline.run(job, Progress.SILENT);
    }

    private List<Finding> of(Job job, String kind) throws IOException {
        return new Inspector(pipeline, List.of(PressInspection.PRESS))
                .look(drawing(job), Progress.SILENT).groups().stream()
                        .filter(group -> group.kind().key().equals(kind))
                        .map(Group::findings)
                        .flatMap(List::stream)
                        .toList();
    }

    private Job answered(Job job, Answer answer) throws IOException {
        return ((Answer.Change) answer).apply(job, drawing(job));
    }

    @Test
    void aColourInkDoesNotReachIsToldWithPrintableOnes() throws IOException {
        Job neon =
                Jobs.coloured().withSwatch(Jobs.INNER.withWish(Optional.of(new Rgb(0, 255, 60))));
        List<Finding> found = of(neon, "colour-duller");
        assertThat(found).hasSize(1);
        assertThat(found.get(0).title()).contains("prints");
        for (Answer answer : found.get(0).answers()) {
            assertThat(of(answered(neon, answer), "colour-duller")).as(answer.label()).isEmpty();
        }
        assertThat(of(Jobs.coloured(), "colour-duller")).isEmpty();
    }

    @Test
    void solidsInBlackAloneAreToldAndMadeRich() throws IOException {
        // Its lines are half a mm wide; at 20 ppi, fifteen times as large, they are solids.
        Job job =
                Jobs.plain()
                        .withPpi(20)
                        .withPress(PressSection.USUAL.withSchool(BlackSchool.K_ONLY));
        List<Finding> found = of(job, "black-grey");
        assertThat(found).isNotEmpty();
        assertThat(of(job, "black-over-nothing")).isEmpty();
        for (Answer answer : found.get(0).answers()) {
            int left = of(answered(job, answer), "black-grey").size();
            assertThat(left).as(answer.label()).isLessThan(found.size());
        }
        assertThat(of(job.withPress(PressSection.USUAL), "black-grey")).isEmpty();
        assertThat(of(job.withPpi(300), "black-grey")).isEmpty();
    }

    /** The outer ring lies over colour with its inner half, the inner ring with all of it. */
    @Test
    void solidsOverColourAndOverNothingAreToldApart() throws IOException {
        Job job =
                Jobs.coloured()
                        .withPpi(20)
                        .withPress(PressSection.USUAL.withSchool(BlackSchool.K_ONLY));
        List<Finding> uneven = of(job, "black-over-nothing");
        assertThat(uneven).hasSize(1);
        for (Answer answer : uneven.get(0).answers()) {
            assertThat(of(answered(job, answer), "black-over-nothing"))
                    .as(answer.label())
                    .isEmpty();
        }
        Job byHand =
                job.withPress(
                        PressSection.USUAL.withChoices(
                                List.of(
                                        new BlackChoice(
                                                uneven.get(0).place().orElseThrow().at(), false))));
        List<Finding> chosen = of(byHand, "black-over-nothing");
        assertThat(chosen).hasSize(1);
        assertThat(of(answered(byHand, chosen.get(0).answers().get(0)), "black-over-nothing"))
                .isEmpty();
    }

    @Test
    void coloursBeneathAllOfTheBlackAreToldAndKeptBack() throws IOException {
        Job job = Jobs.coloured().withPress(PressSection.USUAL.withSchool(BlackSchool.AS_DRAWN));
        List<Finding> found = of(job, "black-fringed");
        assertThat(found).hasSize(1);
        for (Answer answer : found.get(0).answers()) {
            assertThat(of(answered(job, answer), "black-fringed")).as(answer.label()).isEmpty();
        }
    }

    @Test
    void tooMuchInkIsMendedByTheBuildNearestInLook() throws IOException {
        Job job = Jobs.coloured().withSwatch(Jobs.INNER.withBuild(new Cmyk(100, 95, 90, 60)));
        List<Finding> found = of(job, "ink-over-limit");
        assertThat(found).hasSize(1);
        Job less = answered(job, found.get(0).answers().get(0));
        assertThat(of(less, "ink-over-limit")).isEmpty();
        Cmyk build = less.swatch(Jobs.INNER.id()).orElseThrow().build();
        assertThat(build.total()).isLessThanOrEqualTo(300);
    }

    /** A sticker as large as it is scanned; plates lie off by more than half its thin line. */
    private static Job printed(Job job) {
        GoodsSection section = GoodsSection.UNDECIDED.with(UsualGoods.of(GoodsKind.STICKER));
        WantedGoods sticker = section.wanted().get(0);
        Sizing scanned = sticker.goods().sizing().withFit(Sizing.Fit.SCANNED);
        return job.withGoods(section.with(sticker.withGoods(sticker.goods().withSizing(scanned))))
                .withPress(PressSection.USUAL.withRegisterMm(0.4));
    }

    private static Job inSpots(Job job) {
        return job.withSwatches(PressPalette.spots(job.swatches(), PressProfile.bundled()));
    }

    @Test
    void paperThatShowsOnThePressIsToldWithWhatMendsIt() throws IOException {
        Job usual = inSpots(printed(Jobs.coloured()));
        assertThat(of(usual, "press-paper")).as("spots are trapped whatever the goods").isEmpty();
        Job job = usual.withPress(usual.press().withTrapMm(0));
        List<Finding> found = of(job, "press-paper");
        assertThat(found).isNotEmpty();
        Finding first = found.get(0);
        assertThat(first.goods()).containsExactly("sticker");
        assertThat(first.measure().orElseThrow().value()).isBetween(0.06, 0.4);
        assertThat(first.reason()).containsPattern("\\d+ of 100 sheets on the sticker");
        // The seam lies under the inner ring, 40 px round the middle of 236.
        double mm = 25.4 / 300;
        for (Finding one : found) {
            double out = one.place().orElseThrow().at().distance(new Point(118 * mm, 118 * mm));
            assertThat(out).isBetween(40 * mm - 3, 40 * mm + 3);
        }
        Answer trap = first.answers().get(0);
        assertThat(trap.key()).isEqualTo("trap");
        assertThat(trap.label()).isEqualTo("Trap 0.40 mm wide: then none");
        for (Answer answer : first.answers()) {
            assertThat(of(answered(job, answer), "press-paper").size())
                    .as(answer.label())
                    .isLessThan(found.size());
        }
        assertThat(of(answered(job, trap), "press-paper")).isEmpty();
    }

    @Test
    void goodsOfOneInkOrNoneDecidedAreNotPrinted() throws IOException {
        assertThat(PressTrials.isWanted(drawing(inSpots(Jobs.coloured())))).isFalse();
        assertThat(PressTrials.isWanted(drawing(printed(Jobs.plain())))).isFalse();
        GoodsSection pages = GoodsSection.UNDECIDED.with(UsualGoods.of(GoodsKind.COLOURING_PAGE));
        assertThat(PressTrials.isWanted(drawing(Jobs.coloured().withGoods(pages)))).isFalse();
        assertThat(PressTrials.isWanted(drawing(printed(Jobs.coloured())))).isTrue();
    }

    @Test
    void coloursThatShowBesideBlackOnThePressAreToldPlaceByPlace() throws IOException {
        Job kept = printed(Jobs.coloured());
        Job job = kept.withPress(kept.press().withSchool(BlackSchool.AS_DRAWN));
        List<Finding> found = of(job, "black-fringed");
        assertThat(found).isNotEmpty().allMatch(one -> one.place().isPresent());
        assertThat(found.get(0).answers().get(0).key()).isEqualTo("keep-back");
        assertThat(of(answered(job, found.get(0).answers().get(0)), "black-fringed")).isEmpty();
    }

    @Test
    void lightLinesThatDrownAreMadeBolder() throws IOException {
        Swatch straw = new Swatch(1, "Straw", new Cmyk(0, 10, 60, 0));
        Swatch ink = new Swatch(2, "Ink", new Cmyk(100, 80, 20, 10));
        Job job =
                inSpots(
                        printed(
                                Jobs.coloured()
                                        .withSwatches(List.of(straw, ink))
                                        .withFills(
                                                List.of(
                                                        new Fill(new Point(10, 10), 2),
                                                        new Fill(new Point(10, 5), 2)))
                                        .withLine(
                                                LineRecipe.AS_DRAWN.withColour(
                                                        LineColour.BLACK.withSwatch(1)))));
        // Lines of a third of a mm, of which plates that lie off by 0.8 mm leave hardly anything.
        Job loose = job.withPress(job.press().withRegisterMm(0.8));
        List<Finding> found = of(loose, "press-drowned");
        assertThat(found).isNotEmpty();
        Answer bolder =
                found.get(0).answers().stream()
                        .filter(one -> one.key().equals("bolder"))
                        .findFirst()
                        .orElseThrow();
        assertThat(of(answered(loose, bolder), "press-drowned").size()).isLessThan(found.size());
    }

    /** A shirt that takes so many inks, on cloth of a colour. */
    private static Job shirt(int inks, Rgb cloth) {
        Goods goods = UsualGoods.of(GoodsKind.SHIRT);
        return Jobs.coloured()
                .withGoods(
                        GoodsSection.UNDECIDED.with(
                                goods.withPrinting(goods.printing().withMostInks(inks))
                                        .withGround(new Ground(Ground.Material.CLOTH, cloth))));
    }

    private Optional<Finding> inks(Job job) throws IOException {
        return new Inspector(pipeline, List.of(FlatInspection.FLATS))
                .look(drawing(job), Progress.SILENT).groups().stream()
                        .filter(group -> group.kind().key().equals("too-many-inks"))
                        .map(group -> group.findings().get(0))
                        .findFirst();
    }

    @Test
    void inksThatShareAScreenCountOnceAndTheBestMergesAreAnAnswer() throws IOException {
        assertThat(inks(shirt(3, Rgb.WHITE))).isEmpty();
        Job two = shirt(2, Rgb.WHITE);
        Finding found = inks(two).orElseThrow();
        assertThat(found.measure().orElseThrow().value()).isEqualTo(3);
        assertThat(found.answers().get(0).label()).isEqualTo("Print it in 2 inks");
        Job fewer = answered(two, found.answers().get(0));
        assertThat(fewer.press().merged()).hasSize(1);
        assertThat(inks(fewer)).isEmpty();
        assertThat(inks(two.withPress(two.press().withCloth(Set.of(Jobs.OUTER.id()))))).isEmpty();
    }

    @Test
    void whiteBeneathIsAScreenAndOneInkAloneIsOneColour() throws IOException {
        Rgb navy = new Rgb(0x1c, 0x25, 0x40);
        assertThat(inks(shirt(4, navy))).isEmpty();
        assertThat(inks(shirt(3, navy)).orElseThrow().measure().orElseThrow().value()).isEqualTo(4);
        Job one = shirt(1, Rgb.WHITE);
        Finding found = inks(one).orElseThrow();
        assertThat(found.answers().get(0).key()).isEqualTo("one-colour");
        assertThat(inks(answered(one, found.answers().get(0)))).isEmpty();
    }
}
