package neattrace.goods.transfer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Sheets laid over a whole: nothing is left out, and neighbours overlap as they should. */
class TilesTest {

    private static final double MARGIN = 6;

    private static Tiles tiles(double width, double height, double overlap) {
        return Tiles.of(width, height, 210, 297, MARGIN, overlap);
    }

    @Property(tries = 200, seed = "20261")
    void allOfItIsPrintedOnSomeSheet(
            @ForAll @DoubleRange(min = 1, max = 1500) double width,
            @ForAll @DoubleRange(min = 1, max = 1500) double height,
            @ForAll @DoubleRange(min = 0, max = 40) double overlap,
            @ForAll @DoubleRange(min = 0, max = 1) double x,
            @ForAll @DoubleRange(min = 0, max = 1) double y) {
        Tiles tiles = tiles(width, height, overlap);
        long printed =
                tiles.origins().stream()
                        .filter(
                                origin ->
                                        tiles.printed()
                                                .contains(
                                                        x * width - origin[0],
                                                        y * height - origin[1]))
                        .count();
        assertThat(printed).isGreaterThanOrEqualTo(1);
        assertThat(tiles.origins()).hasSize(tiles.count());
    }

    @Property(tries = 100, seed = "20261")
    void neighboursOverlapByAsMuchAsIsAskedFor(
            @ForAll @DoubleRange(min = 400, max = 1500) double width,
            @ForAll @DoubleRange(min = 0, max = 40) double overlap) {
        Tiles tiles = tiles(width, 100, overlap);
        assertThat(tiles.columns()).isGreaterThan(1);
        double step = tiles.origins().get(1)[0] - tiles.origins().get(0)[0];
        assertThat(tiles.printed().getWidth() - step).isCloseTo(overlap, within(1e-9));
    }

    @Test
    void whatFitsOnASheetTakesOneAndLiesInItsMiddle() {
        Tiles tiles = tiles(100, 150, 10);
        assertThat(tiles.count()).isEqualTo(1);
        double[] origin = tiles.origins().get(0);
        assertThat(-origin[0] + 50).isCloseTo(105, within(1e-9));
        assertThat(-origin[1] + 75).isCloseTo(148.5, within(1e-9));
    }

    /** 280 x 190 mm lies on one sheet if that is turned, on two if it is not. */
    @Test
    void sheetsAreTurnedIfThatTakesFewer() {
        Tiles tiles = tiles(280, 190, 10);
        assertThat(tiles.count()).isEqualTo(1);
        assertThat(tiles.sheetWidthMm()).isEqualTo(297);
        assertThat(tiles.sheetHeightMm()).isEqualTo(210);
    }

    @Test
    void aWholeThatTakesHundredsOfSheetsIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> tiles(20_000, 20_000, 10))
                .withMessageContaining("400");
    }

    @Test
    void marginsThatLeaveNothingAreRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Tiles.of(100, 100, 60, 60, 20, 15))
                .withMessageContaining("leave nothing");
    }
}
