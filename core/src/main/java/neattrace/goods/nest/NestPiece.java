package neattrace.goods.nest;

import org.locationtech.jts.geom.Polygon;

/**
 * A shape to be laid on a sheet.
 *
 * @param kind of which drawing it is; copies share it
 * @param shape what is cut out, mm about a reference point of its own
 */
public record NestPiece(int kind, Polygon shape) {}
