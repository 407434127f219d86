package neattrace.flat.layer;

import java.util.List;
import neattrace.flat.Swatch;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;

/**
 * All pieces of one colour, united.
 *
 * @param swatch the colour
 * @param shape valid polygons, mm
 * @param pieces the areas it is united from, mm
 */
public record FlatLayer(Swatch swatch, Geometry shape, List<MultiPolygon> pieces) {

    public FlatLayer {
        pieces = List.copyOf(pieces);
    }
}
