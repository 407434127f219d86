package neattrace.raster;

import static org.assertj.core.api.Assertions.assertThat;

import ij.process.ByteProcessor;
import ij.process.FloodFiller;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neattrace.testing.Labels;
import neattrace.testing.Sheets;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class RunLabelsTest {

    /** Counted with ImageJ's flood filler (ij, public domain), an independent implementation. */
    private static int imageJ(InkMap map, boolean ink) {
        ByteProcessor processor = new ByteProcessor(map.width(), map.height());
        for (int y = 0; y < map.height(); y++) {
            for (int x = 0; x < map.width(); x++) {
                processor.set(x, y, map.isInk(x, y) == ink ? 255 : 0);
            }
        }
        processor.setColor(0);
        FloodFiller filler = new FloodFiller(processor);
        int count = 0;
        for (int y = 0; y < map.height(); y++) {
            for (int x = 0; x < map.width(); x++) {
                if (processor.get(x, y) == 255) {
                    count++;
                    if (ink) {
                        filler.fill8(x, y);
                    } else {
                        filler.fill(x, y);
                    }
                }
            }
        }
        return count;
    }

    @Property(tries = 60, seed = "20261")
    void countsWhatImageJCounts(
            @ForAll long seed, @ForAll @DoubleRange(min = 0.05, max = 0.7) double share) {
        InkMap map = Sheets.blocks(seed, 150, share);
        assertThat(RunLabels.of(map, true, true).count()).isEqualTo(imageJ(map, true));
        assertThat(RunLabels.of(map, false, false).count()).isEqualTo(imageJ(map, false));
    }

    @Test
    void diagonalNeighboursBelongTogetherOnlyIfAsked() {
        InkMap map = Sheets.map("#..", ".#.", "..#");
        assertThat(Labels.of(3, 3, map::isInk, true).count()).isEqualTo(1);
        assertThat(Labels.of(3, 3, map::isInk, false).count()).isEqualTo(3);
    }

    @Test
    void everyPixelKnowsItsComponentAndSizesAddUp() {
        InkMap map = Sheets.map("##.#", "#..#", "..##", "#...");
        RunLabels labels = Labels.of(4, 4, map::isInk, false);
        assertThat(labels.count()).isEqualTo(3);
        assertThat(labels.at(0, 0)).isEqualTo(labels.at(0, 1)).isNotEqualTo(labels.at(3, 0));
        assertThat(labels.at(2, 0)).isEqualTo(-1);
        assertThat(labels.at(-1, 0)).isEqualTo(-1);
        assertThat(labels.at(0, 4)).isEqualTo(-1);
        long sum = 0;
        for (int i = 0; i < labels.count(); i++) {
            sum += labels.size(i);
        }
        assertThat(sum).isEqualTo(map.inkPixels());
    }

    @Test
    void nothingHasNoComponents() {
        assertThat(Labels.of(5, 5, i -> false, true).count()).isZero();
    }

    /** Eight pixels are looked at together there; here one by one. */
    @Property(tries = 80, seed = "20261")
    void theQuickWayFindsTheSameRuns(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 200) int width,
            @ForAll @IntRange(min = 1, max = 300) int height,
            @ForAll @DoubleRange(min = 0.02, max = 0.98) double share) {
        Random random = new Random(seed);
        byte[] coverage = new byte[width * height];
        for (int i = 0; i < coverage.length; i++) {
            boolean ink = random.nextDouble() < share;
            coverage[i] = (byte) (ink ? 128 + random.nextInt(128) : random.nextInt(128));
        }
        InkMap map = new InkMap(width, height, coverage);
        for (boolean diagonal : new boolean[] {false, true}) {
            assertThat(runs(RunLabels.of(map, true, diagonal)))
                    .isEqualTo(runs(Labels.of(width, height, map::isInk, diagonal)));
            assertThat(runs(RunLabels.of(map, false, diagonal)))
                    .isEqualTo(runs(Labels.of(width, height, i -> !map.isInk(i), diagonal)));
        }
    }

    private static List<List<Integer>> runs(RunLabels labels) {
        List<List<Integer>> runs = new ArrayList<>();
        labels.forEachRun((y, from, to, label) -> runs.add(List.of(y, from, to, label)));
        return runs;
    }
}
