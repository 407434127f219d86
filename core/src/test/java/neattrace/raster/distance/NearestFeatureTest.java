package neattrace.raster.distance;

import static org.assertj.core.api.Assertions.assertThat;

import neattrace.raster.InkMap;
import neattrace.testing.Sheets;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class NearestFeatureTest {

    /** Against the definition: the smallest distance over all features. */
    @Property(tries = 40)
    void findsTheSmallestDistanceThereIs(@ForAll long seed, @ForAll @IntRange(max = 3) int few) {
        InkMap map = Sheets.blocks(seed, 24, few == 0 ? 0.01 : 0.08 * few);
        NearestFeature nearest = NearestFeature.of(24, 24, map::isInk);
        for (int i = 0; i < 24 * 24; i++) {
            int best = Integer.MAX_VALUE;
            for (int j = 0; j < 24 * 24; j++) {
                if (map.isInk(j)) {
                    int dx = i % 24 - j % 24;
                    int dy = i / 24 - j / 24;
                    best = Math.min(best, dx * dx + dy * dy);
                }
            }
            assertThat(nearest.squaredDistances()[i]).isEqualTo(best);
            assertThat(nearest.at(i) == NearestFeature.NONE || map.isInk(nearest.at(i))).isTrue();
        }
    }

    @Test
    void withoutFeaturesThereIsNoNearest() {
        NearestFeature nearest = NearestFeature.of(7, 5, i -> false);
        assertThat(nearest.at(12)).isEqualTo(NearestFeature.NONE);
        assertThat(nearest.squaredDistances()[12]).isEqualTo(Integer.MAX_VALUE);
    }

    @Test
    void aFeatureIsItsOwnNearest() {
        NearestFeature nearest = NearestFeature.of(1, 9, i -> i == 4);
        assertThat(nearest.at(4)).isEqualTo(4);
        assertThat(nearest.squaredDistances()[0]).isEqualTo(16);
    }
}
