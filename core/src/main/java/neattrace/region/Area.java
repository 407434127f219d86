package neattrace.region;

import neattrace.geom.Point;

/**
 * A stretch of free paper enclosed by ink, by closed gaps or by the sheet's edge.
 *
 * @param label its number in the area map, from 0
 * @param anchor the paper pixel farthest from any ink, its centre, source px: the place by which
 *     fills hold on to the area
 * @param pixels free paper in it
 * @param radiusPx distance of the anchor from the nearest ink
 * @param outside whether it is the paper round the drawing
 */
public record Area(int label, Point anchor, long pixels, double radiusPx, boolean outside) {}
