package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class SmoothingTest {

    @Property(tries = 100, seed = "20261")
    void isThePlainMeanOfTheNeighbours(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 40) int size,
            @ForAll @IntRange(min = 0, max = 12) int reach,
            @ForAll boolean closed) {
        double[] values = new SplittableRandom(seed).doubles(size, -5, 5).toArray();

        double[] smooth = Smoothing.box(values, reach, 1, closed);

        for (int i = 0; i < size; i++) {
            int k = Math.min(reach, closed ? (size - 1) / 2 : Math.min(i, size - 1 - i));
            double sum = 0;
            for (int j = i - k; j <= i + k; j++) {
                sum += values[Math.floorMod(j, size)];
            }
            assertThat(smooth[i]).isCloseTo(sum / (2 * k + 1), within(1e-9));
        }
    }

    @Test
    void straightLinesAndEndsStay() {
        double[] line = {1, 3, 5, 7, 9, 11, 13};

        assertThat(Smoothing.box(line, 2, 3, false)).containsExactly(line, within(1e-9));
        double[] bent = {4, 0, 7, 1, -3};
        double[] smooth = Smoothing.box(bent, 2, 2, false);
        assertThat(smooth[0]).isEqualTo(4);
        assertThat(smooth[4]).isEqualTo(-3);
        assertThat(bent).containsExactly(4, 0, 7, 1, -3);
    }

    @Test
    void roundALoopTheMeanOfAllStays() {
        double[] ring = {4, 0, 7, 1, -3, 8};

        double[] smooth = Smoothing.box(ring, 1, 5, true);

        assertThat(Arrays.stream(smooth).sum()).isCloseTo(17, within(1e-9));
        assertThat(Arrays.stream(smooth).max().orElseThrow()).isLessThan(5);
    }
}
