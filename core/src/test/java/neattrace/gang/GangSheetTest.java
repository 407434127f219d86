package neattrace.gang;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import neattrace.goods.sheet.SheetLayout;
import org.junit.jupiter.api.Test;

/** A sheet as a value. */
class GangSheetTest {

    private static final GangSheet TWO =
            GangSheet.EMPTY.with(Path.of("/a/puffin.ntjob")).with(Path.of("/b/puffin.ntjob"));

    @Test
    void drawingsOfTheSameNameAreTwoAndTheSameFileIsOne() {
        assertThat(TWO.drawings()).extracting(GangDrawing::id).containsExactly(1, 2);
        assertThat(TWO.drawings()).extracting(GangDrawing::name).containsOnly("puffin");
        assertThat(TWO.with(Path.of("/a/x/../puffin.ntjob"))).isEqualTo(TWO);
    }

    @Test
    void idsAreNeverUsedTwice() {
        GangSheet again = TWO.without(2).with(Path.of("/c/gull.ntjob"));
        assertThat(again.drawings()).extracting(GangDrawing::id).containsExactly(1, 3);
    }

    @Test
    void aDrawingGoesWithItsStickers() {
        GangSheet laid =
                TWO.withPlaces(
                        List.of(
                                new GangPlace(1, 10, 10, 0, false),
                                new GangPlace(2, 50, 50, 370, true)));
        assertThat(laid.places().get(1).turnDegrees()).isEqualTo(10);
        assertThat(laid.pinned()).isEqualTo(1);
        assertThat(laid.unpinned().pinned()).isZero();
        assertThat(laid.without(2).places()).containsExactly(laid.places().get(0));
    }

    @Test
    void whatCannotBeIsRefused() {
        List<GangPlace> stray = List.of(new GangPlace(7, 1, 1, 0, false));
        assertThatIllegalArgumentException().isThrownBy(() -> TWO.withPlaces(stray));
        assertThatIllegalArgumentException().isThrownBy(() -> TWO.withTurns(0));
        assertThatIllegalArgumentException().isThrownBy(() -> TWO.withTitle("x".repeat(201)));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new GangPlace(1, Double.NaN, 0, 0, false));
        GangDrawing one = TWO.drawings().get(0);
        assertThatIllegalArgumentException().isThrownBy(() -> one.withCopies(0));
        assertThatIllegalArgumentException().isThrownBy(() -> one.withWidthMm(-3));
        assertThatIllegalArgumentException().isThrownBy(() -> one.withSeen("no hex!"));
        assertThatIllegalArgumentException()
                .isThrownBy(
                        () ->
                                new GangSheet(
                                        SheetLayout.USUAL,
                                        "",
                                        "",
                                        List.of(one),
                                        0,
                                        GangAim.EVEN,
                                        1,
                                        1,
                                        List.of(),
                                        Set.of()));
    }
}
