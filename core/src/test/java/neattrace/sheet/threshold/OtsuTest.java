package neattrace.sheet.threshold;

import static org.assertj.core.api.Assertions.assertThat;

import ij.process.AutoThresholder;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class OtsuTest {

    /** ImageJ's AutoThresholder (ij, public domain), method Otsu. */
    @Property(tries = 200, seed = "20261")
    void isWhatImageJSays(
            @ForAll long seed,
            @ForAll @IntRange(min = 10, max = 90) int dark,
            @ForAll @IntRange(min = 130, max = 240) int light,
            @ForAll @IntRange(min = 2, max = 20) int spread) {
        SplittableRandom chance = new SplittableRandom(seed);
        long[] counts = new long[256];
        int[] same = new int[256];
        for (int i = 0; i < 4000; i++) {
            int centre = chance.nextInt(5) == 0 ? dark : light;
            int value = centre + chance.nextInt(-spread, spread + 1) / 2;
            value = Math.max(0, Math.min(255, value));
            counts[value]++;
            same[value]++;
        }
        int expected = new AutoThresholder().getThreshold(AutoThresholder.Method.Otsu, same);
        int threshold = Otsu.threshold(counts);
        // Between the two heaps many values part equally well; what counts is the parting.
        assertThat(below(counts, threshold)).isEqualTo(below(counts, expected));
    }

    private static long below(long[] counts, int threshold) {
        long sum = 0;
        for (int i = 0; i <= threshold; i++) {
            sum += counts[i];
        }
        return sum;
    }

    @Test
    void twoValuesArePartedAtTheDarkOne() {
        long[] counts = new long[256];
        counts[40] = 10;
        counts[200] = 90;
        assertThat(Otsu.threshold(counts)).isEqualTo(40);
    }

    @Test
    void oneValueCannotBeParted() {
        long[] counts = new long[256];
        counts[77] = 5;
        assertThat(Otsu.threshold(counts)).isEqualTo(-1);
        assertThat(Otsu.threshold(new long[256])).isEqualTo(-1);
    }
}
