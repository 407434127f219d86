package neattrace.trace;

import neattrace.geom.Point;

/**
 * Ink that is an area and no line, as the discs along its middle that just fit into it; together
 * they cover it up to its corners. The arrays are handed over, not copied, and must not be written
 * to.
 *
 * @param x across, px
 * @param y down, px
 * @param radius of each disc, px
 */
public record SolidBlack(double[] x, double[] y, double[] radius) {

    /** The number of the largest disc. */
    private int largest() {
        int best = 0;
        for (int i = 1; i < radius.length; i++) {
            best = radius[i] > radius[best] ? i : best;
        }
        return best;
    }

    /** The middle of the largest disc, px. */
    public Point at() {
        return new Point(x[largest()], y[largest()]);
    }

    /** How far the nearest edge lies from there, px. */
    public double largestRadius() {
        return radius[largest()];
    }
}
