package neattrace.raster.label;

import static org.assertj.core.api.Assertions.assertThat;

import ij.process.ByteProcessor;
import ij.process.FloodFiller;
import neattrace.raster.InkMap;
import neattrace.testing.Sheets;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
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

    @Property(tries = 60)
    void countsWhatImageJCounts(
            @ForAll long seed, @ForAll @DoubleRange(min = 0.05, max = 0.7) double share) {
        InkMap map = Sheets.blocks(seed, 40, share);
        assertThat(RunLabels.of(40, 40, map::isInk, true).count()).isEqualTo(imageJ(map, true));
        assertThat(RunLabels.of(40, 40, i -> !map.isInk(i), false).count())
                .isEqualTo(imageJ(map, false));
    }

    @Test
    void diagonalNeighboursBelongTogetherOnlyIfAsked() {
        InkMap map = Sheets.map("#..", ".#.", "..#");
        assertThat(RunLabels.of(3, 3, map::isInk, true).count()).isEqualTo(1);
        assertThat(RunLabels.of(3, 3, map::isInk, false).count()).isEqualTo(3);
    }

    @Test
    void everyPixelKnowsItsComponentAndSizesAddUp() {
        InkMap map = Sheets.map("##.#", "#..#", "..##", "#...");
        RunLabels labels = RunLabels.of(4, 4, map::isInk, false);
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
        assertThat(RunLabels.of(5, 5, i -> false, true).count()).isZero();
    }
}
