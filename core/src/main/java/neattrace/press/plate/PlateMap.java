package neattrace.press.plate;

import java.util.List;
import neattrace.press.Tints;

/**
 * Which composite lies in the middle of each pixel.
 *
 * @param numbers row by row, a number of {@code composites}; handed over, not to be written to
 * @param composites by number; 0 is bare
 */
public record PlateMap(int width, int height, double ppi, short[] numbers, List<Tints> composites) {

    public PlateMap {
        composites = List.copyOf(composites);
    }

    /** The composite at a pixel. */
    public Tints at(int x, int y) {
        return composites.get(numbers[y * width + x] & 0xffff);
    }
}
