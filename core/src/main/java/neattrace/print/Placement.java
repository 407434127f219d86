package neattrace.print;

import java.awt.geom.AffineTransform;

/**
 * Art placed on a page.
 *
 * @param art what is placed
 * @param xMm where the middle of the art's page lies, from the left
 * @param yMm from the top
 * @param turnDegrees clockwise, about its middle
 * @param scale times its own size
 */
public record Placement(PrintPlan art, double xMm, double yMm, double turnDegrees, double scale) {

    /**
     * A placement.
     *
     * @throws IllegalArgumentException if the scale is nothing, or if art of pixels would be moved:
     *     pixels made for a plate are laid down as they are or not at all
     */
    public Placement {
        if (!(scale > 0 && Double.isFinite(scale))) {
            throw new IllegalArgumentException("art is scaled by more than nothing: " + scale);
        }
        if (!art.isVector() && !placing(art, xMm, yMm, turnDegrees, scale).isIdentity()) {
            throw new IllegalArgumentException("pixels stay where they are");
        }
    }

    /** As it is, filling its own page. */
    public static Placement whole(PrintPlan art) {
        return new Placement(art, art.widthMm() / 2, art.heightMm() / 2, 0, 1);
    }

    /** From places in the art, mm, to places on the page, mm. */
    AffineTransform placing() {
        return placing(art, xMm, yMm, turnDegrees, scale);
    }

    private static AffineTransform placing(
            PrintPlan art, double xMm, double yMm, double turnDegrees, double scale) {
        AffineTransform placing = AffineTransform.getTranslateInstance(xMm, yMm);
        placing.rotate(Math.toRadians(turnDegrees));
        placing.scale(scale, scale);
        placing.translate(-art.widthMm() / 2, -art.heightMm() / 2);
        return placing;
    }
}
