package neattrace.sheet.ink;

import java.util.List;
import neattrace.raster.InkMap;

/**
 * An ink map and what was measured while making it.
 *
 * @param map the coverage
 * @param paperLevel brightness of the evened paper, 0 to 255
 * @param inkLevel brightness of solid ink, 0 to 255
 * @param noise median difference of neighbouring paper pixels, 0 to 255
 * @param oneBit whether the picture had only black and white
 * @param speckMm the speck size that was applied, mm
 * @param specksDropped how many specks went
 * @param notes what a user should know, in plain words
 */
public record InkReading(
        InkMap map,
        double paperLevel,
        double inkLevel,
        double noise,
        boolean oneBit,
        double speckMm,
        int specksDropped,
        List<String> notes) {

    public InkReading {
        notes = List.copyOf(notes);
    }
}
