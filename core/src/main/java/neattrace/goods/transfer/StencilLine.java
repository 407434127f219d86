package neattrace.goods.transfer;

import neattrace.geom.CubicLoop;
import neattrace.geom.CubicPath;
import neattrace.geom.CubicSegments;
import neattrace.geom.Point;

/**
 * A line of a stencil, mm on the drawing's page.
 *
 * @param path its middle
 * @param closed whether it ends where it begins
 * @param bold whether it is as bold as the outside
 * @param at a place on it
 * @param lengthMm of it
 * @param of the number of the stroke it is part of
 */
public record StencilLine(
        CubicSegments path, boolean closed, boolean bold, Point at, double lengthMm, int of) {

    /** Its places one after another, x and y by turns, no farther off than a tolerance, mm. */
    public double[] flatten(double toleranceMm) {
        return path instanceof CubicLoop loop
                ? loop.flatten(toleranceMm)
                : ((CubicPath) path).flatten(toleranceMm);
    }
}
