package neattrace.flat.layer;

import neattrace.flat.Swatch;
import org.locationtech.jts.geom.Geometry;

/**
 * All pieces of one colour, united.
 *
 * @param swatch the colour
 * @param shape valid polygons, mm
 */
public record FlatLayer(Swatch swatch, Geometry shape) {}
