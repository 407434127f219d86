package neattrace.sheet.sweep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

class ByValueTest {

    @Property(tries = 80)
    void pixelsComeByValueAndThenByPlace(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 60) int size,
            @ForAll boolean inverted,
            @ForAll @IntRange(min = 1, max = 120) int from,
            @ForAll @IntRange(min = 0, max = 130) int more) {
        byte[] samples = new byte[size];
        new SplittableRandom(seed).nextBytes(samples);
        int below = from + more;

        ByValue sorted = ByValue.of(samples, inverted, Math.max(1, from), Math.min(255, below));

        int[] expected =
                IntStream.range(0, size)
                        .boxed()
                        .filter(i -> value(samples, i, inverted) >= from)
                        .filter(i -> value(samples, i, inverted) < Math.min(255, below))
                        .sorted(
                                java.util.Comparator.comparingInt(
                                                (Integer i) -> value(samples, i, inverted))
                                        .thenComparingInt(i -> i))
                        .mapToInt(i -> i)
                        .toArray();
        assertThat(sorted.pixels()).isEqualTo(expected);
        for (int value = 0; value < 256; value++) {
            for (int k = sorted.start(value); k < sorted.start(value + 1); k++) {
                assertThat(value(samples, sorted.pixels()[k], inverted)).isEqualTo(value);
            }
        }
    }

    private static int value(byte[] samples, int i, boolean inverted) {
        int sample = samples[i] & 0xff;
        return inverted ? 255 - sample : sample;
    }
}
