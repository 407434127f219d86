package neattrace.sheet.sweep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

class GreyPixelIndexTest {

    /** All that is told of each pixel, against looking at the sheet pixel by pixel. */
    @Property(tries = 150, seed = "20261")
    void tellsOfEachPixelWhatTheSheetShows(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 90) int width,
            @ForAll @IntRange(min = 1, max = 30) int height,
            @ForAll boolean sparing) {
        Random random = new Random(seed);
        byte[] samples = new byte[width * height];
        for (int i = 0; i < samples.length; i++) {
            int chance = random.nextInt(12);
            samples[i] = (byte) (chance < 6 ? 0 : chance < 11 ? 255 : random.nextInt(256));
        }
        GreyPixelIndex sites =
                GreyPixelIndex.of(samples, width, 20, 236, sparing ? -1 : samples.length);

        List<Integer> between = new ArrayList<>();
        for (int i = 0; i < samples.length; i++) {
            if (value(samples, i) >= 20 && value(samples, i) < 236) {
                between.add(i);
            }
        }
        between.sort(Comparator.comparingInt(i -> value(samples, i)));
        assertThat(sites.start(256)).isEqualTo(between.size());
        for (int at = 0; at < between.size(); at++) {
            int pixel = between.get(at);
            assertThat(sites.pixel(at)).isEqualTo(pixel);
            assertThat(sites.start(value(samples, pixel))).isLessThanOrEqualTo(at);
            assertThat(sites.number(at)).isEqualTo(sites.numberOf(pixel));
            assertThat(sites.pixelOf(sites.number(at))).isEqualTo(pixel);
            int there = 0;
            for (int k = 0; k < Around.COUNT; k++) {
                int x = pixel % width + Around.dx(k);
                int y = pixel / width + Around.dy(k);
                int sample = 0;
                if (x >= 0 && x < width && y >= 0 && y < height) {
                    there |= 1 << k;
                    sample = value(samples, y * width + x);
                    int number = sites.neighbour(at, k);
                    assertThat(sites.pixelOf(number)).isEqualTo(y * width + x);
                }
                assertThat(sites.around(at) >>> 8 * k & 0xff).isEqualTo(sample);
            }
            assertThat(sites.there(at)).isEqualTo(there);
            assertThat(sites.isEdge(at)).isEqualTo(there != (1 << Around.COUNT) - 1);
        }
        for (int number = 1; number < sites.count(); number++) {
            assertThat(sites.pixelOf(number)).isGreaterThan(sites.pixelOf(number - 1));
            assertThat(sites.next(sites.pixelOf(number - 1) + 1)).isEqualTo(sites.pixelOf(number));
        }
    }

    private static int value(byte[] samples, int i) {
        return samples[i] & 0xff;
    }
}
