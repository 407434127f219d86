package neattrace.goods.stencil;

import neattrace.geom.Point;
import org.locationtech.jts.geom.Polygon;

/**
 * A piece of the sheet that would fall out.
 *
 * @param piece its number, from 1
 * @param shape mm on the sheet
 * @param middle a place within it
 * @param ties how many hold it
 */
public record Island(int piece, Polygon shape, Point middle, int ties) {}
