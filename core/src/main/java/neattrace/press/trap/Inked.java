package neattrace.press.trap;

import neattrace.press.Tints;
import org.locationtech.jts.geom.Geometry;

/**
 * A shape in its inks.
 *
 * @param shape valid polygons, mm
 * @param tints what is laid down there
 */
public record Inked(Geometry shape, Tints tints) {}
