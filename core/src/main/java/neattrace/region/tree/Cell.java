package neattrace.region.tree;

import neattrace.geom.Point;

/**
 * A stretch of free paper that no gap parts any further.
 *
 * @param anchor the paper pixel farthest from any ink, its centre, source px
 * @param pixels free paper in it
 * @param radiusPx distance of the anchor from the nearest ink
 * @param border how many pixels of the sheet's border it has
 */
public record Cell(Point anchor, long pixels, double radiusPx, int border) {}
