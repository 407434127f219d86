package neattrace.press.trap;

import neattrace.press.Tints;
import org.locationtech.jts.geom.Geometry;

/**
 * Where colours run over one another along a seam.
 *
 * @param first one colour
 * @param second the other
 * @param seam the lines along which they meet, mm
 * @param strip what both cover, polygons, mm
 * @param tints what lies in the strip: of each ink the more of both
 */
public record Trap(Tints first, Tints second, Geometry seam, Geometry strip, Tints tints) {}
