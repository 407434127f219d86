package neattrace.flat.layer;

import java.util.List;
import java.util.Map;
import neattrace.flat.Fill;

/**
 * Which fills went where.
 *
 * @param swatchOf swatch id by area label
 * @param lost fills whose area is gone or was taken by a later fill of another colour
 */
public record Attachment(Map<Integer, Integer> swatchOf, List<Fill> lost) {

    public Attachment {
        swatchOf = Map.copyOf(swatchOf);
        lost = List.copyOf(lost);
    }
}
