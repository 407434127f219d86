package neattrace.goods;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.goods.cloth.ClothFacts;
import neattrace.goods.cloth.ClothPlan;
import neattrace.goods.cloth.ClothPrint;
import neattrace.goods.making.ClothRecipe;
import neattrace.goods.making.Makings;
import neattrace.goods.making.PageRecipe;
import neattrace.goods.making.PageRecipe.Pencil;
import neattrace.goods.page.ColouringPage;
import neattrace.goods.page.PageAreas;
import neattrace.goods.page.PageFacts;
import neattrace.goods.stencil.StencilFacts;
import neattrace.goods.stencil.StencilSet;
import neattrace.goods.transfer.TransferFacts;
import neattrace.goods.transfer.TransferStencil;
import neattrace.goods.wrap.Wrap;
import neattrace.goods.wrap.WrapArt;
import neattrace.goods.wrap.WrapFacts;
import neattrace.job.GoodsSection;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * What is told of finished goods, to people and to programs, held against the drawing's geometry: a
 * target whose outer ring is 187 px across, at 300 ppi 15.83 mm, its inner one 84 px, its disc 76
 * px.
 */
class GoodsFactsTest {

    private static final PressProfile PRESS = PressProfile.bundled();
    private static final double MM = 25.4 / 300;
    private static final double ACROSS = 187 * MM;
    private static final double DISC = 76 * MM;
    private static final Pipeline PIPELINE = new Pipeline();

    private static Drawing drawing;

    @BeforeAll
    static void draw() throws IOException {
        drawing = PIPELINE.run(Jobs.coloured(), Progress.SILENT);
    }

    /** Goods with the drawing on a millimetre of theirs for each of its own. */
    private static WantedGoods asScanned(GoodsKind kind, UnaryOperator<Makings> change) {
        WantedGoods usual = GoodsSection.UNDECIDED.firstOf(kind);
        return usual.withGoods(
                        usual.goods()
                                .withSizing(usual.goods().sizing().withFit(Sizing.Fit.SCANNED)))
                .withMaking(change.apply(usual.making()));
    }

    private static JsonNode json(String text) throws IOException {
        return new ObjectMapper().readTree(text);
    }

    private static List<String> kinds(JsonNode root) {
        List<String> kinds = new ArrayList<>();
        root.get("findings").forEach(one -> kinds.add(one.get("kind").asText()));
        return kinds;
    }

    private static PageFacts page(UnaryOperator<PageRecipe> change) {
        WantedGoods wanted =
                asScanned(
                        GoodsKind.COLOURING_PAGE,
                        making -> making.withPage(change.apply(making.page())));
        return PageFacts.of(
                ColouringPage.of(
                        drawing,
                        PageAreas.of(drawing, Progress.SILENT),
                        wanted,
                        true,
                        Progress.SILENT));
    }

    @Test
    void areasOfAPageAreMeasuredOnThePage() throws IOException {
        PageFacts facts = page(one -> one);
        JsonNode root = json(facts.json());
        assertThat(root.get("factor").asDouble()).isEqualTo(1);
        assertThat(root.get("areas").asInt()).isEqualTo(2);
        // The disc, and the ring between the inner side of the one and the outer of the other.
        double disc = Math.PI * DISC * DISC / 4;
        double ring = Math.PI * MM * MM * (173.0 * 173 - 84.0 * 84) / 4;
        assertThat(root.get("colourCm2").asDouble()).isCloseTo((disc + ring) / 100, within(0.02));
        assertThat(root.get("largestMm").asDouble()).isCloseTo(DISC, within(0.1));
        assertThat(root.get("smallestMm").asDouble()).isCloseTo(44.5 * MM, within(0.1));
        assertThat(root.get("small")).isEmpty();
        assertThat(root.get("numbers")).isEmpty();
        assertThat(facts.lines().get(0)).contains("2 areas", "cm2 to colour");
    }

    @Test
    void numbersAreToldWhereTheyStand() throws IOException {
        JsonNode root = json(page(one -> one.withNumbers(true)).json());
        assertThat(root.get("numbers")).hasSize(2);
        for (JsonNode number : root.get("numbers")) {
            assertThat(number.get("number").asInt()).isBetween(1, 2);
            assertThat(number.get("beside").asBoolean()).isFalse();
            assertThat(number.get("heightMm").asDouble()).isBetween(1.5, 8.0);
            assertThat(number.get("xMm").asDouble()).isBetween(0.0, root.get("widthMm").asDouble());
            assertThat(number.get("yMm").asDouble())
                    .isBetween(0.0, root.get("heightMm").asDouble());
        }
    }

    /** A finer tool takes longer; how long is common practice, no source. */
    @Test
    void aPenTakesLongerThanABrush() {
        double pen = page(one -> one.withPencil(Pencil.PEN)).minutes();
        double pencil = page(one -> one.withPencil(Pencil.PENCIL)).minutes();
        double brush = page(one -> one.withPencil(Pencil.BRUSH)).minutes();
        assertThat(List.of(pen, pencil, brush)).allSatisfy(one -> assertThat(one).isPositive());
        assertThat(Math.max(pen, pencil)).isGreaterThan(brush);
    }

    @ParameterizedTest
    @EnumSource(Pencil.class)
    void minutesGrowWithWhatIsToBeColoured(Pencil pencil) {
        PageFacts facts = page(one -> one.withPencil(pencil));
        assertThat(facts.time()).matches("\\d+ minutes|[\\d.]+ hours");
        PageFacts doubled = new PageFacts(facts.page(), facts.cm2(), 10 * 60, 0, List.of());
        assertThat(doubled.time()).isEqualTo("10.0 hours");
        assertThat(new PageFacts(facts.page(), 1, 0.2, 0, List.of()).time()).isEqualTo("1 minutes");
    }

    private static StencilSet stencils(UnaryOperator<Makings> change) {
        return StencilSet.of(drawing, asScanned(GoodsKind.CUT_STENCIL, change), Progress.SILENT);
    }

    @Test
    void tiesIslandsAndWhatIsCutAreToldAsTheyLie() throws IOException {
        StencilSet set = stencils(one -> one);
        JsonNode sheet = json(StencilFacts.of(set).json()).at("/sheets/0");
        assertThat(sheet.get("onePiece").asBoolean()).isTrue();
        assertThat(sheet.get("pieces").asInt()).isEqualTo(1);
        assertThat(sheet.get("islands")).hasSize(2);
        double ties = 0;
        for (JsonNode tie : sheet.get("ties")) {
            ties += tie.get("areaMm2").asDouble();
            assertThat(tie.get("widthMm").asDouble()).isCloseTo(2.5, within(0.01));
            assertThat(tie.get("lengthMm").asDouble()).isPositive();
        }
        assertThat(ties).isCloseTo(sheet.get("tieMm2").asDouble(), within(0.05));
        // All ink is cut away but for what ties hold.
        double ink = Math.PI * MM * MM / 4 * (187 * 187 - 173 * 173 + 84 * 84 - 76 * 76);
        assertThat(sheet.get("cutMm2").asDouble() + ties).isCloseTo(ink, within(0.5));
        double[] areas = new double[2];
        for (int i = 0; i < 2; i++) {
            JsonNode island = sheet.get("islands").get(i);
            areas[i] = island.get("areaMm2").asDouble();
            assertThat(island.get("ties").asInt()).isGreaterThanOrEqualTo(2);
        }
        assertThat(Math.min(areas[0], areas[1])).isCloseTo(Math.PI * DISC * DISC / 4, within(0.5));
    }

    @Test
    void aTransferStencilIsAsLargeAsItsDrawing() throws IOException {
        TransferStencil stencil =
                TransferStencil.of(
                        PIPELINE,
                        drawing,
                        asScanned(GoodsKind.TRANSFER_STENCIL, one -> one),
                        Progress.SILENT);
        TransferFacts facts = TransferFacts.of(stencil);
        JsonNode root = json(facts.json());
        assertThat(root.get("widthMm").asDouble()).isCloseTo(ACROSS, within(0.1));
        assertThat(root.get("heightMm").asDouble()).isCloseTo(ACROSS, within(0.1));
        assertThat(root.get("weightMm").asDouble()).isEqualTo(0.6);
        assertThat(root.get("outsideMm").asDouble()).isEqualTo(1.1);
        assertThat(root.get("sheets")).hasSize(1);
        assertThat(root.get("details")).isEmpty();
        assertThat(facts.lines().get(0)).contains("15.8 x 15.8 mm", "on 1 sheet");
    }

    @Test
    void sheetsOfALargeTransferStencilOverlapAndCoverIt() throws IOException {
        WantedGoods usual = GoodsSection.UNDECIDED.firstOf(GoodsKind.TRANSFER_STENCIL);
        WantedGoods wide =
                usual.withGoods(
                        usual.goods().withSizing(new Sizing(Sizing.Fit.WIDTH, 500, 500, 150)));
        JsonNode root =
                json(
                        TransferFacts.of(
                                        TransferStencil.of(
                                                PIPELINE, drawing, wide, Progress.SILENT))
                                .json());
        assertThat(root.get("sheets").size()).isGreaterThan(3);
        assertThat(kinds(root)).contains("tiled");
        double right = 0;
        double below = 0;
        for (JsonNode sheet : root.get("sheets")) {
            right = Math.max(right, sheet.get("xMm").asDouble() + sheet.get("widthMm").asDouble());
            below = Math.max(below, sheet.get("yMm").asDouble() + sheet.get("heightMm").asDouble());
        }
        assertThat(right).isGreaterThanOrEqualTo(root.get("widthMm").asDouble());
        assertThat(below).isGreaterThanOrEqualTo(root.get("heightMm").asDouble());
    }

    private static ClothFacts cloth(UnaryOperator<ClothRecipe> change) throws IOException {
        WantedGoods usual = GoodsSection.UNDECIDED.firstOf(GoodsKind.SHIRT);
        ClothPrint print =
                ClothPrint.of(
                        PIPELINE,
                        drawing,
                        usual.withMaking(
                                usual.making().withCloth(change.apply(usual.making().cloth()))),
                        Progress.SILENT);
        return ClothFacts.of(print, ClothPlan.of(print, PRESS), 3);
    }

    @Test
    void aPrintIsToldForEverySizeOfGarments() throws IOException {
        JsonNode root = json(cloth(one -> one).json());
        assertThat(root.get("widthMm").asDouble()).isEqualTo(280);
        double before = 0;
        for (ClothRecipe.Size size : ClothRecipe.Size.values()) {
            double wide = root.get("widths").get(size.key()).asDouble();
            assertThat(wide).isGreaterThan(before);
            before = wide;
        }
        assertThat(root.get("widths").get("l-xl").asDouble()).isEqualTo(280);
        assertThat(root.get("inks")).hasSize(3);
        root.get("inks")
                .forEach(one -> assertThat(one.get("hex").asText()).matches("#[0-9A-F]{6}"));
        assertThat(root.get("thinLines").asInt()).isEqualTo(3);
        assertThat(kinds(root)).contains("thin");
        assertThat(root.at("/lies/belowMm").asDouble()).isPositive();
    }

    @Test
    void aSignatureTooSmallOrTooLargeIsTold() throws IOException {
        UnaryOperator<ClothRecipe> signed = one -> one.withSignature("M. Holm");
        assertThat(kinds(json(cloth(one -> signed.apply(one).withSignatureMm(2)).json())))
                .contains("signature-small");
        assertThat(kinds(json(cloth(one -> signed.apply(one).withSignatureMm(40)).json())))
                .contains("signature-large");
        assertThat(kinds(json(cloth(one -> one).json())))
                .doesNotContain("signature-small", "signature-large", "signature-room");
    }

    @Test
    void motifsOfAMugAreToldWhereTheyLie() throws IOException {
        Wrap wrap =
                Wrap.of(
                        List.of(WrapArt.of(drawing)),
                        GoodsSection.UNDECIDED.firstOf(GoodsKind.MUG));
        WrapFacts facts = WrapFacts.of(wrap);
        JsonNode root = json(facts.json());
        assertThat(root.get("widthMm").asDouble()).isEqualTo(200);
        assertThat(root.get("motifs")).hasSize(2);
        assertThat(root.get("findings")).isEmpty();
        assertThat(facts.lines()).isNotEmpty().allSatisfy(one -> assertThat(one).isNotBlank());
    }
}
