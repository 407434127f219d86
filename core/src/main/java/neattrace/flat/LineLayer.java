package neattrace.flat;

import java.util.List;
import neattrace.geom.Outline;

/**
 * Lines in a swatch of their own.
 *
 * @param swatch their ink
 * @param shapes their outlines, mm
 */
public record LineLayer(Swatch swatch, List<Outline> shapes) {

    public LineLayer {
        shapes = List.copyOf(shapes);
    }
}
