package neattrace.goods.nest;

import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Where a piece lies.
 *
 * @param piece its number in what was asked for
 * @param xMm of its reference point, from the left of the sheet
 * @param yMm from the top
 * @param turnDegrees clockwise about its reference point, as y runs down
 * @param pinned whether it stays where it is
 */
public record Laid(int piece, double xMm, double yMm, double turnDegrees, boolean pinned) {

    /** A shape about its reference point where it lies. */
    public Polygon place(Polygon shape) {
        AffineTransformation map =
                AffineTransformation.rotationInstance(Math.toRadians(turnDegrees));
        map.translate(xMm, yMm);
        return (Polygon) map.transform(shape);
    }

    Laid at(double x, double y) {
        return new Laid(piece, x, y, turnDegrees, pinned);
    }
}
