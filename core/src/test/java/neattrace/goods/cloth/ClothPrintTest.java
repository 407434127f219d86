package neattrace.goods.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.goods.GoodsKind;
import neattrace.goods.Ground;
import neattrace.goods.making.ClothRecipe;
import neattrace.goods.making.ClothRecipe.Place;
import neattrace.goods.making.ClothRecipe.Size;
import neattrace.job.GoodsSection;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.print.PrintLayer;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;

class ClothPrintTest {

    private static final PressProfile PRESS = PressProfile.bundled();
    private static final WantedGoods USUAL = GoodsSection.UNDECIDED.firstOf(GoodsKind.SHIRT);

    private static Drawing drawing() throws IOException {
        return new Pipeline().run(Jobs.coloured(), Progress.SILENT);
    }

    private static WantedGoods with(UnaryOperator<ClothRecipe> change) {
        return USUAL.withMaking(USUAL.making().withCloth(change.apply(USUAL.making().cloth())));
    }

    private static ClothPrint print(WantedGoods wanted) throws IOException {
        return ClothPrint.of(new Pipeline(), drawing(), wanted, Progress.SILENT);
    }

    private static List<String> told(ClothPrint print) {
        return ClothFacts.of(print, ClothPlan.of(print, PRESS), 0).findings().stream()
                .map(one -> one.kind())
                .toList();
    }

    @Test
    void aPrintIsAsWideAsTheGoodsSay() throws IOException {
        PrintPlan plan = ClothPlan.of(print(USUAL), PRESS);
        assertThat(plan.widthMm()).isCloseTo(280, within(0.01));
        double left = 1e9;
        double right = 0;
        for (PrintLayer layer : plan.of(PrintLayer.Kind.LINES)) {
            for (var object : layer.objects()) {
                var box = ((PrintShape.Curved) object.shape()).outline().toPath().getBounds2D();
                left = Math.min(left, box.getMinX());
                right = Math.max(right, box.getMaxX());
            }
        }
        assertThat(right - left).isCloseTo(280, within(0.5));
    }

    @Test
    void printsGrowInStepsOverTheSizes() throws IOException {
        double usual = print(USUAL).widthMm();
        assertThat(print(with(one -> one.withSize(Size.S_M))).widthMm())
                .isCloseTo(0.9 * usual, within(1e-6));
        assertThat(print(with(one -> one.withSize(Size.XXL))).widthMm())
                .isCloseTo(1.1 * usual, within(1e-6));
        assertThat(print(with(one -> one.withSize(Size.XXL).withPlace(Place.TOTE))).widthMm())
                .isCloseTo(usual, within(1e-6));
    }

    @Test
    void everyInkIsALayerOfItsOwnAndBlackIsOneInk() throws IOException {
        ClothPrint print = print(USUAL);
        PrintPlan plan = ClothPlan.of(print, PRESS);
        assertThat(plan.of(PrintLayer.Kind.UNDER_BLACK)).isEmpty();
        assertThat(plan.layers()).extracting(PrintLayer::name).doesNotHaveDuplicates();
        ClothFacts facts = ClothFacts.of(print, plan, 0);
        assertThat(facts.inks()).hasSize(3);
        assertThat(facts.inks().keySet()).contains("Black");
    }

    @Test
    void tooManyInksAreTold() throws IOException {
        WantedGoods two =
                USUAL.withGoods(
                        USUAL.goods().withPrinting(USUAL.goods().printing().withMostInks(2)));
        assertThat(told(print(two))).contains("inks");
        assertThat(told(print(USUAL))).doesNotContain("inks");
    }

    @Test
    void anInkOfTheClothsColourIsTold() throws IOException {
        Rgb straw = PRESS.preview(Jobs.OUTER.build());
        WantedGoods on =
                USUAL.withGoods(USUAL.goods().withGround(new Ground(Ground.Material.CLOTH, straw)));
        assertThat(told(print(on))).containsExactly("cloth-colour");
    }

    @Test
    void aSignatureStandsWhereTheDrawingIsQuiet() throws IOException {
        ClothPrint print = print(with(one -> one.withSignature("Skerry")));
        Geometry letters = print.signature().orElseThrow();
        PrintPlan plan = ClothPlan.of(print, PRESS);
        assertThat(plan.layers()).extracting(PrintLayer::group).containsOnly("art");
        // Small letters as high as asked for: those of "e" and "r", 0.506 of the type's size.
        double size = 4 / 0.506;
        assertThat(print.factor() * letters.getEnvelopeInternal().getHeight())
                .isBetween(0.7 * size, 1.1 * size);
        Geometry ink = neattrace.goods.page.PageAreas.ink(print.drawing());
        assertThat(letters.distance(ink)).isPositive();
        assertThat(told(print)).isEmpty();
    }

    @Test
    void signaturesThatFillInAreTold() throws IOException {
        assertThat(told(print(with(one -> one.withSignature("Skerry").withSignatureMm(1)))))
                .containsExactly("signature-small");
        assertThat(told(print(with(one -> one.withSignature("Skerry").withSignatureMm(48)))))
                .contains("signature-room", "signature-large");
    }

    @Test
    void itLiesBelowItsSeam() throws IOException {
        assertThat(print(USUAL).belowMm()).isBetween(75.0, 100.0);
        assertThat(print(with(one -> one.withPlace(Place.LEFT_CHEST))).belowMm()).isEqualTo(190);
        assertThat(print(with(one -> one.withBelowMm(60))).belowMm()).isEqualTo(60);
    }
}
