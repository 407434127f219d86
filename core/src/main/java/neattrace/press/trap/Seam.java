package neattrace.press.trap;

import org.locationtech.jts.geom.Geometry;

/**
 * Where two colours meet.
 *
 * @param first number of one's tints
 * @param second of the other's, greater; or {@link VisibleInks#BARE}
 * @param lines along which they meet, mm
 */
record Seam(int first, int second, Geometry lines) {}
