package neattrace.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ij.plugin.filter.EDM;
import ij.process.ByteProcessor;
import ij.process.FloatProcessor;
import java.util.Arrays;
import neattrace.testing.Sheets;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class DistanceTransformTest {

    private static final int SIDE = 26;

    /** Against the definition: the smallest distance over all pixels of the other kind. */
    @Property(tries = 80, seed = "20261")
    void distancesAndDonorsAreTheNearest(@ForAll long seed, @ForAll @IntRange(max = 4) int few) {
        InkMap map = Sheets.blocks(seed, SIDE, few == 0 ? 0.01 : 0.2 * few);
        DistanceTransform side = DistanceTransform.of(map);
        for (int i = 0; i < SIDE * SIDE; i++) {
            boolean ink = map.isInk(i);
            int least = DistanceTransform.FAR;
            for (int j = 0; j < SIDE * SIDE; j++) {
                least = map.isInk(j) == ink ? least : Math.min(least, squared(i, j));
            }
            assertThat(ink ? side.squaredToPaper(i) : side.squared(i)).isEqualTo(least);
            assertThat(side.squared(i) < 0).isEqualTo(ink);
            int other = ink ? side.nearestPaper(i) : side.nearestInk(i);
            assertThat(other >= 0 ? squared(i, other) : DistanceTransform.FAR).isEqualTo(least);
            assertThat(other >= 0 && map.isInk(other) == ink).isFalse();
        }
    }

    /**
     * Against ImageJ's Euclidean distance map, on sheets larger than the definition can be tried.
     */
    @Property(tries = 20, seed = "20261")
    void distancesAreThoseOfImageJ(@ForAll long seed, @ForAll @IntRange(max = 3) int few) {
        int side = 160;
        InkMap map = Sheets.blocks(seed, side, few == 0 ? 0.002 : 0.05 * few);
        ByteProcessor paper = new ByteProcessor(side, side);
        boolean any = false;
        for (int i = 0; i < side * side; i++) {
            paper.set(i, map.isInk(i) ? 0 : 255);
            any |= map.isInk(i);
        }
        if (!any) {
            return;
        }
        FloatProcessor reference = new EDM().makeFloatEDM(paper, 0, false);
        DistanceTransform own = DistanceTransform.of(map);
        for (int i = 0; i < side * side; i++) {
            if (!map.isInk(i)) {
                assertThat(Math.sqrt(own.squared(i))).isCloseTo(reference.getf(i), within(1e-3));
            }
        }
    }

    @Test
    void sheetsOfOneKindHaveNoOtherSide() {
        InkMap paper = new InkMap(9, 5, new byte[45]);
        assertThat(DistanceTransform.of(paper).squared(17)).isEqualTo(DistanceTransform.FAR);
        assertThat(DistanceTransform.of(paper).nearestInk(17)).isEqualTo(-1);

        byte[] full = new byte[45];
        Arrays.fill(full, (byte) 255);
        DistanceTransform ink = DistanceTransform.of(new InkMap(9, 5, full));
        assertThat(ink.squared(17)).isNegative();
        assertThat(ink.nearestPaper(17)).isEqualTo(-1);
        assertThat(ink.squaredToPaper(17)).isEqualTo(DistanceTransform.FAR);
    }

    @Test
    void longRowsAndColumnsKeepTheirDistance() {
        byte[] row = new byte[30_000];
        row[0] = (byte) 255;
        assertThat(DistanceTransform.of(new InkMap(30_000, 1, row)).squared(29_999))
                .isEqualTo(29_999 * 29_999);
        assertThat(DistanceTransform.of(new InkMap(1, 30_000, row)).squared(29_999))
                .isEqualTo(29_999 * 29_999);
    }

    private static int squared(int i, int j) {
        int dx = i % SIDE - j % SIDE;
        int dy = i / SIDE - j / SIDE;
        return dx * dx + dy * dy;
    }
}
