package neattrace.goods.making;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import neattrace.geom.Point;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Recipes of goods refuse what cannot be made, in a sentence; and keep what was handed to them. */
class MakingRecipesTest {

    static Stream<Named<Runnable>> impossible() {
        PageRecipe page = PageRecipe.USUAL;
        TransferRecipe transfer = TransferRecipe.USUAL;
        StencilRecipe stencil = StencilRecipe.USUAL;
        ClothRecipe cloth = ClothRecipe.USUAL;
        WrapRecipe wrap = WrapRecipe.USUAL;
        return Stream.of(
                Named.of("a gutter below nothing", () -> page.withGutterMm(-0.1)),
                Named.of("a gutter as wide as a page", () -> page.withGutterMm(60.1)),
                Named.of("a gutter that is no number", () -> page.withGutterMm(Double.NaN)),
                Named.of("a tint nobody sees", () -> page.withTintPercent(9)),
                Named.of("more than all of a tint", () -> page.withTintPercent(101)),
                Named.of("lines of nothing", () -> transfer.withWeightMm(0)),
                Named.of("lines bolder than the outside", () -> transfer.withWeightMm(2)),
                Named.of("an outside thinner than lines", () -> transfer.withOutsideMm(0.5)),
                Named.of("an outside like a beam", () -> transfer.withOutsideMm(11)),
                Named.of("a sheet like a stamp", () -> transfer.withSheetWidthMm(49)),
                Named.of("a sheet like a strip", () -> transfer.withSheetHeightMm(49)),
                Named.of("ties like hairs", () -> stencil.withTieMm(0.1)),
                Named.of("ties like planks", () -> stencil.withTieMm(51)),
                Named.of("islands below nothing", () -> stencil.withDropMm2(-1)),
                Named.of("islands like tables", () -> stencil.withDropMm2(10_001)),
                Named.of("a print above the seam", () -> cloth.withBelowMm(-1)),
                Named.of("a print below the hem", () -> cloth.withBelowMm(1001)),
                Named.of("a novel for a signature", () -> cloth.withSignature("x".repeat(41))),
                Named.of("letters nobody reads", () -> cloth.withSignatureMm(0.4)),
                Named.of("letters like posters", () -> cloth.withSignatureMm(51)),
                Named.of("a thimble", () -> wrap.withDiameterMm(29)),
                Named.of("a barrel", () -> wrap.withDiameterMm(301)),
                Named.of(
                        "a crowd of motifs",
                        () ->
                                wrap.withMotifs(
                                        Collections.nCopies(61, new Motif(0, 1, 1, 1, 0, false)))),
                Named.of("a motif of nothing", () -> new Motif(0, 1, 1, 0, 0, false)),
                Named.of("a motif of no drawing", () -> new Motif(-1, 1, 1, 1, 0, false)));
    }

    @ParameterizedTest
    @MethodSource("impossible")
    void whatCannotBeMadeIsRefusedInASentence(Runnable making) {
        assertThatIllegalArgumentException()
                .isThrownBy(making::run)
                .satisfies(e -> assertThat(e.getMessage()).contains(" ").doesNotEndWith("."));
    }

    @Test
    void whatWasHandedOverCanChangeWithoutThem() {
        List<Point> mine = new ArrayList<>(List.of(new Point(1, 2)));
        TransferRecipe recipe = TransferRecipe.USUAL.withDropped(mine).withEdges(mine);
        mine.clear();
        assertThat(recipe.dropped()).hasSize(1);
        assertThat(recipe.edges()).hasSize(1);
    }

    @Test
    void spacesRoundASignatureAreNone() {
        assertThat(ClothRecipe.USUAL.withSignature("  A. Skerry ").signature())
                .isEqualTo("A. Skerry");
        assertThat(ClothRecipe.USUAL.withSignature("   ").signature()).isEmpty();
    }

    @Test
    void motifsAreMovedSizedTurnedAndTurnedOver() {
        Motif one = new Motif(2, 10, 20, 30, 350, false);
        assertThat(one.at(1, 2)).isEqualTo(new Motif(2, 1, 2, 30, 350, false));
        assertThat(one.sized(40)).isEqualTo(new Motif(2, 10, 20, 40, 350, false));
        assertThat(one.turned(25).turnDegrees()).isCloseTo(15, within(1e-9));
        assertThat(one.turned(-350).turnDegrees()).isCloseTo(0, within(1e-9));
        assertThat(one.turnedOver().turnedOver()).isEqualTo(one);
        assertThat(one.turnedOver()).isEqualTo(new Motif(2, 10, 20, 30, 350, true));
    }

    @Test
    void whatWasDecidedForOneKindIsKeptWhileAnotherIsMade() {
        Makings makings =
                Makings.USUAL
                        .withPage(PageRecipe.USUAL.withNumbers(true))
                        .withStencil(StencilRecipe.USUAL.withTieMm(4))
                        .withWrap(WrapRecipe.USUAL.withLeftHanded(true));
        Makings later = makings.withCloth(ClothRecipe.USUAL.withPlace(ClothRecipe.Place.TOTE));
        assertThat(later.page().numbers()).isTrue();
        assertThat(later.stencil().tieMm()).isEqualTo(4);
        assertThat(later.wrap().leftHanded()).isTrue();
        assertThat(later.withCloth(ClothRecipe.USUAL)).isEqualTo(makings);
    }
}
