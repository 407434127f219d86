package neattrace.goods.stencil;

import neattrace.geom.Point;
import org.locationtech.jts.geom.Polygon;

/**
 * A bridge of the sheet across what is cut away, mm on the sheet.
 *
 * @param one piece it leads from; 0 is the sheet round everything, islands follow
 * @param other piece it leads to
 * @param middle of it
 * @param lengthMm from piece to piece
 * @param widthMm across
 * @param shape what it covers, reaching a little into both pieces
 * @param areaMm2 of what is not cut for it
 * @param alone whether it touches no third piece
 * @param byHand whether a person put it there
 */
public record Tie(
        int one,
        int other,
        Point middle,
        double lengthMm,
        double widthMm,
        Polygon shape,
        double areaMm2,
        boolean alone,
        boolean byHand) {}
