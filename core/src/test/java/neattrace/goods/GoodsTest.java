package neattrace.goods;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import neattrace.goods.Needs.Coloured;
import neattrace.goods.Sizing.Fit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class GoodsTest {

    /** ISO 216:2007, table 1; ANSI/ASME Y14.1: A is 8.5 x 11 in, B is 11 x 17 in. */
    @ParameterizedTest
    @CsvSource({
        "A3, 297, 420",
        "A4, 210, 297",
        "A5, 148, 210",
        "A6, 105, 148",
        "LETTER, 215.9, 279.4",
        "LEDGER, 279.4, 431.8"
    })
    void papersHaveTheirStandardSizes(PaperSize paper, double width, double height) {
        assertThat(paper.widthMm()).isCloseTo(width, within(1e-9));
        assertThat(paper.heightMm()).isCloseTo(height, within(1e-9));
        assertThat(PaperSize.of(height, width)).contains(paper);
    }

    /** ISO 216, 3.2: the sides of the A series are as one to the root of two, to half a mm. */
    @ParameterizedTest
    @EnumSource(
            value = PaperSize.class,
            names = {"A3", "A4", "A5", "A6"})
    void theASeriesKeepsItsShape(PaperSize paper) {
        assertThat(paper.widthMm() * Math.sqrt(2)).isCloseTo(paper.heightMm(), within(0.8));
    }

    /** 4200 px at 300 ppi are 14 in (common practice, no source). */
    @Test
    void aSheetOfStickersIsFourteenInchesWide() {
        assertThat(PaperSize.STICKER_SHEET.widthMm()).isCloseTo(355.6, within(1e-9));
        assertThat(PaperSize.STICKER_SHEET.heightMm()).isCloseTo(270.933, within(1e-3));
    }

    /**
     * An inch is 25.4 mm (international yard and pound agreement, 1959), a point 1/72 in (PDF
     * 32000-1, 8.3.2.3).
     */
    @ParameterizedTest
    @CsvSource({
        "60, 60",
        "60mm, 60",
        "' 6 cm', 60",
        "'2,5 in', 63.5",
        "1in, 25.4",
        "72 pt, 25.4",
        "700 px, 59.2666666667",
        "0.35mm, 0.35"
    })
    void lengthsAreReadInAnyUnit(String text, double mm) {
        assertThat(Length.parse(text, 300)).isCloseTo(mm, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "wide", "-5mm", "NaN", "Infinity", "1e9mm", "6 ft", "60mm wide"})
    void whatIsNoLengthIsSaid(String text) {
        assertThatThrownBy(() -> Length.parse(text, 300))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("no length");
    }

    /** Common practice, no source. */
    @Test
    void usualGoodsHoldWhatTheTradeSays() {
        Goods sticker = UsualGoods.of(GoodsKind.STICKER);
        assertThat(sticker.detail().lineMm()).isEqualTo(0.25);
        assertThat(sticker.edges().borderMm()).isEqualTo(2.5);
        assertThat(sticker.needs().coloured()).isEqualTo(Coloured.YES);
        Goods page = UsualGoods.of(GoodsKind.COLOURING_PAGE);
        assertThat(page.detail().areaMm()).isEqualTo(3);
        assertThat(page.needs()).isEqualTo(new Needs(Coloured.NO, true));
        assertThat(page.size()).isEqualTo("8 × 10 in");
        assertThat(UsualGoods.of(GoodsKind.SHIRT).printing().mostInks()).isEqualTo(4);
        assertThat(UsualGoods.of(GoodsKind.FILM).sizing().ppi()).isEqualTo(1200);
        assertThat(UsualGoods.all()).hasSize(GoodsKind.values().length);
    }

    /**
     * One minute of arc (H. Snellen, 1862): 400 mm x tan(1/60 degree) = 0.1164 mm, 700 mm gives
     * 0.2036 mm.
     */
    @Test
    void whatTheEyeCannotSeeFollowsFromTheDistance() {
        assertThat(UsualGoods.of(GoodsKind.STICKER).detail().seenMm())
                .isCloseTo(0.1164, within(1e-4));
        assertThat(UsualGoods.of(GoodsKind.SHIRT).detail().seenMm())
                .isCloseTo(0.2036, within(1e-4));
    }

    @Test
    void aStickersBorderIsPartOfItsSize() {
        GoodsFit fit = GoodsFit.of(UsualGoods.of(GoodsKind.STICKER), 100, 120);
        assertThat(fit.artWidthMm()).isCloseTo(55, within(1e-9));
        assertThat(fit.thingWidthMm()).isCloseTo(60, within(1e-9));
        assertThat(fit.thingHeightMm()).isCloseTo(0.55 * 120 + 5, within(1e-9));
        assertThat(fit.ppi(400)).isCloseTo(400 / 0.55, within(1e-6));
    }

    @Test
    void onAPageADrawingIsAsLargeAsItsMarginsLet() {
        Goods page = UsualGoods.of(GoodsKind.COLOURING_PAGE);
        GoodsFit wide = GoodsFit.of(page, 400, 100);
        assertThat(wide.artWidthMm()).isCloseTo(203.2 - 12, within(1e-9));
        GoodsFit high = GoodsFit.of(page, 100, 400);
        assertThat(high.artHeightMm()).isCloseTo(254 - 12, within(1e-9));
        assertThat(high.thingWidthMm()).isCloseTo(203.2, within(1e-9));
    }

    @Test
    void anEmptySheetKeepsItsSize() {
        for (Goods goods : UsualGoods.all()) {
            assertThat(GoodsFit.of(goods, 0, 0).factor()).isEqualTo(1);
        }
    }

    @Test
    void aBorderWiderThanTheThingLeavesSomethingAllTheSame() {
        Goods tiny = GoodsWish.parse("sticker:4mm", List.of());
        assertThat(GoodsFit.of(tiny, 100, 100).factor()).isPositive();
    }

    @ParameterizedTest
    @CsvSource({
        "sticker, WIDTH, 60, 60 mm sticker",
        "sticker:45mm, WIDTH, 45, 45 mm sticker",
        "shirt:28cm, WIDTH, 280, 280 mm shirt",
        "colouring-page:A4, PAGE, 210, A4 colouring page",
        "print:5x5in, PAGE, 127, 5 × 5 in print",
        "mug:200x90mm, PAGE, 200, 200 × 90 mm mug",
        "print:1200x1200px, PAGE, 101.6, 101.6 × 101.6 mm print",
        "sticker-sheet:700px, WIDTH, 59.2666666667, 59.3 mm sticker sheet",
        "film, SCANNED, 100, film"
    })
    void goodsAreWishedForInAWord(String wish, Fit fit, double width, String words) {
        Goods goods = GoodsWish.parse(wish, List.of());
        assertThat(goods.sizing().fit()).isEqualTo(fit);
        assertThat(goods.sizing().widthMm()).isCloseTo(width, within(1e-9));
        assertThat(goods.words()).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({
        "boat, no goods",
        "sticker:0mm, 1 to 20000 mm",
        "sticker:-5, no length",
        "sticker:10000000mm, 1 to 20000 mm",
        "sticker:NaN, no length",
        "sticker:, no length",
        "print:5xin, no length"
    })
    void wishesThatCannotBeAreSaid(String wish, String message) {
        assertThatThrownBy(() -> GoodsWish.parse(wish, List.of()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(message);
    }

    @Test
    void keptGoodsAreWishedForByTheirName() {
        Goods vinyl = UsualGoods.of(GoodsKind.STICKER).withName("My printer's vinyl");
        assertThat(GoodsWish.parse("my printer's vinyl", List.of(vinyl))).isEqualTo(vinyl);
        assertThat(GoodsWish.parse("My printer's vinyl:30mm", List.of(vinyl)).sizing().widthMm())
                .isEqualTo(30);
    }
}
