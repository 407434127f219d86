package neattrace.raster.distance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import neattrace.raster.InkMap;
import neattrace.testing.Sheets;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class OtherSideTest {

    private static final int SIDE = 26;

    /** Against the definition: the smallest distance over all pixels of the other kind. */
    @Property(tries = 80)
    void distancesAndDonorsAreTheNearest(@ForAll long seed, @ForAll @IntRange(max = 4) int few) {
        InkMap map = Sheets.blocks(seed, SIDE, few == 0 ? 0.01 : 0.2 * few);
        OtherSide side = OtherSide.of(map);
        for (int i = 0; i < SIDE * SIDE; i++) {
            boolean ink = map.isInk(i);
            int least = OtherSide.FAR;
            for (int j = 0; j < SIDE * SIDE; j++) {
                least = map.isInk(j) == ink ? least : Math.min(least, squared(i, j));
            }
            assertThat(ink ? side.squaredToPaper(i) : side.squared(i)).isEqualTo(least);
            assertThat(side.squared(i) < 0).isEqualTo(ink);
            int other = ink ? side.nearestPaper(i) : side.nearestInk(i);
            assertThat(other >= 0 ? squared(i, other) : OtherSide.FAR).isEqualTo(least);
            assertThat(other >= 0 && map.isInk(other) == ink).isFalse();
        }
    }

    @Test
    void sheetsOfOneKindHaveNoOtherSide() {
        InkMap paper = new InkMap(9, 5, new byte[45]);
        assertThat(OtherSide.of(paper).squared(17)).isEqualTo(OtherSide.FAR);
        assertThat(OtherSide.of(paper).nearestInk(17)).isEqualTo(-1);

        byte[] full = new byte[45];
        Arrays.fill(full, (byte) 255);
        OtherSide ink = OtherSide.of(new InkMap(9, 5, full));
        assertThat(ink.squared(17)).isNegative();
        assertThat(ink.nearestPaper(17)).isEqualTo(-1);
        assertThat(ink.squaredToPaper(17)).isEqualTo(OtherSide.FAR);
    }

    @Test
    void longRowsAndColumnsKeepTheirDistance() {
        byte[] row = new byte[30_000];
        row[0] = (byte) 255;
        assertThat(OtherSide.of(new InkMap(30_000, 1, row)).squared(29_999))
                .isEqualTo(29_999 * 29_999);
        assertThat(OtherSide.of(new InkMap(1, 30_000, row)).squared(29_999))
                .isEqualTo(29_999 * 29_999);
    }

    private static int squared(int i, int j) {
        int dx = i % SIDE - j % SIDE;
        int dy = i / SIDE - j / SIDE;
        return dx * dx + dy * dy;
    }
}
