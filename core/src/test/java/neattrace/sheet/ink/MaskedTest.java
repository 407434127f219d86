package neattrace.sheet.ink;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import neattrace.geom.Homography;
import neattrace.geom.Point;
import neattrace.sheet.Mask;
import neattrace.sheet.SheetPart;
import neattrace.sheet.SheetShape;
import org.junit.jupiter.api.Test;

class MaskedTest {

    private static final SheetShape BOX = new SheetShape.Box(new Point(2, 1), new Point(6, 5));

    @Test
    void aBoxErasesWholePixels() {
        Masked masked = masked(new Mask(BOX, Mask.Kind.ERASE));

        assertThat(masked.erased().cardinality()).isEqualTo(16);
        assertThat(masked.erased().get(1 * 10 + 2)).isTrue();
        assertThat(masked.erased().get(4 * 10 + 5)).isTrue();
        assertThat(masked.erased().get(5 * 10 + 5)).isFalse();
        assertThat(masked.kept().isEmpty()).isTrue();
    }

    @Test
    void protectingWinsWhicheverCameFirst() {
        Mask erase = new Mask(BOX, Mask.Kind.ERASE);
        Mask protect =
                new Mask(new SheetShape.Box(new Point(4, 3), new Point(9, 9)), Mask.Kind.PROTECT);

        for (Masked masked : List.of(masked(erase, protect), masked(protect, erase))) {
            assertThat(masked.erased().cardinality()).isEqualTo(12);
            assertThat(masked.erased().intersects(masked.kept())).isFalse();
        }
        assertThat(masked()).isSameAs(Masked.NONE);
    }

    @Test
    void shapesFollowTheSheet() {
        Homography moved = Homography.translation(3, 2);

        Masked masked = Masked.of(List.of(new Mask(BOX, Mask.Kind.ERASE)), moved, 10, 10);

        assertThat(masked.erased().nextSetBit(0)).isEqualTo(3 * 10 + 5);
        assertThat(masked.erased().cardinality()).isEqualTo(16);
    }

    @Test
    void whatLiesBeyondTheSheetIsCutOff() {
        SheetPart over = SheetPart.of(BOX, Homography.translation(6, 7), 10, 10, 0);
        SheetPart beyond = SheetPart.of(BOX, Homography.translation(60, 0), 10, 10, 0);

        assertThat(sum(over)).isCloseTo(2 * 2, within(1e-9));
        assertThat(sum(beyond)).isZero();
    }

    @Test
    void anEdgeWithinAPixelCoversItsShare() {
        SheetPart part = SheetPart.of(BOX, Homography.translation(0.25, 0), 10, 10, 0);

        double[] first = new double[2];
        part.forEach(
                (x, y, cover) -> {
                    if (y == 2 && (x == 2 || x == 6)) {
                        first[x == 2 ? 0 : 1] = cover / 255.0;
                    }
                });
        assertThat(first[0]).isCloseTo(0.75, within(0.02));
        assertThat(first[1]).isCloseTo(0.25, within(0.02));
    }

    @Test
    void aFeatheredEdgeKeepsItsPlaceAndItsSum() {
        SheetShape.Polygon square =
                new SheetShape.Polygon(
                        List.of(
                                new Point(30, 30),
                                new Point(70, 30),
                                new Point(70, 70),
                                new Point(30, 70)));

        SheetPart soft = SheetPart.of(square, Homography.IDENTITY, 100, 100, 4);

        assertThat(sum(soft)).isCloseTo(40 * 40, within(16.0));
        double[] at = new double[100];
        soft.forEach(
                (x, y, cover) -> {
                    if (y == 50) {
                        at[x] = cover / 255.0;
                    }
                });
        assertThat((at[29] + at[30]) / 2).isCloseTo(0.5, within(0.02));
        // A step blurred by a Gaussian: 0.1587 one standard deviation outside (any table of the
        // normal distribution).
        assertThat((at[25] + at[26]) / 2).isCloseTo(0.1587, within(0.02));
    }

    private static Masked masked(Mask... masks) {
        return Masked.of(List.of(masks), Homography.IDENTITY, 10, 10);
    }

    private static double sum(SheetPart part) {
        double[] sum = new double[1];
        part.forEach((x, y, cover) -> sum[0] += cover / 255.0);
        return sum[0];
    }
}
