package neattrace.flat.layer;

import org.locationtech.jts.geom.Geometry;

/**
 * One shape of a layer.
 *
 * @param name what it is; empty if nobody has said so
 * @param shape valid polygons, mm
 */
public record NamedShape(String name, Geometry shape) {}
