package neattrace.array;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.NotEmpty;
import org.junit.jupiter.api.Test;

class CountsTest {

    /** The same as sorting all values and taking the one at that place. */
    @Property(tries = 200, seed = "20261")
    void quantilesAreThoseOfTheSortedValues(
            @ForAll @NotEmpty List<@IntRange(min = 0, max = 9) Integer> values,
            @ForAll @DoubleRange(min = 0, max = 1) double share) {
        long[] counts = new long[10];
        for (int value : values) {
            counts[value]++;
        }
        List<Integer> sorted = values.stream().sorted().toList();
        int at = (int) Math.max(0, Math.ceil(share * sorted.size()) - 1);
        assertThat(Counts.quantile(counts, share)).isEqualTo(sorted.get(at));
    }

    @Test
    void onlyWhatIsAskedAboutCounts() {
        long[] counts = {100, 1, 2, 1, 100};
        assertThat(Counts.quantile(counts, 1, 3, 0.5)).isEqualTo(2);
        assertThat(Counts.quantile(new long[4], 1, 3, 0.5)).isEqualTo(3);
    }
}
