package neattrace.trace;

import neattrace.geom.Point;

/**
 * A little ink that sticks out of a line and is too short to be a line.
 *
 * @param root where it leaves the middle of the line, px
 * @param tip its far end, px
 * @param out how far it sticks out of the line's edge, px
 * @param lineWidth width of the line there, px
 */
public record Stub(Point root, Point tip, double out, double lineWidth) {}
