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

    /** Against the definition, and against the transform that takes any set of pixels. */
    @Property(tries = 60)
    void distancesAndDonorsAreTheNearest(@ForAll long seed, @ForAll @IntRange(max = 4) int few) {
        InkMap map = Sheets.blocks(seed, SIDE, few == 0 ? 0.01 : 0.2 * few);
        OtherSide side = OtherSide.of(map);
        NearestFeature paper = NearestFeature.of(SIDE, SIDE, i -> !map.isInk(i));
        for (int i = 0; i < SIDE * SIDE; i++) {
            if (map.isInk(i)) {
                assertThat(side.squared(i)).isNegative();
                int donor = side.nearestPaper(i);
                assertThat(donor >= 0).isEqualTo(paper.at(i) >= 0);
                if (donor >= 0) {
                    assertThat(map.isInk(donor)).isFalse();
                    assertThat(squared(i, donor)).isEqualTo(squared(i, paper.at(i)));
                }
                continue;
            }
            int least = OtherSide.FAR;
            for (int j = 0; j < SIDE * SIDE; j++) {
                least = map.isInk(j) ? Math.min(least, squared(i, j)) : least;
            }
            assertThat(side.squared(i)).isEqualTo(least);
            int ink = side.nearestInk(i);
            assertThat(ink >= 0 ? squared(i, ink) : OtherSide.FAR).isEqualTo(least);
            assertThat(ink < 0 || map.isInk(ink)).isTrue();
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
