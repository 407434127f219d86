package neattrace.goods.stencil;

import neattrace.geom.Point;

/**
 * A part of the sheet between cuts that is narrower than the material holds, mm on the sheet.
 *
 * @param at its middle
 * @param widthMm at its narrowest
 * @param meanMm its width along most of it
 * @param lengthMm along it
 * @param holds whether something hangs on it; else it is a tip that bends
 */
public record Web(Point at, double widthMm, double meanMm, double lengthMm, boolean holds) {

    /** Longer ones flap (common practice, no source), times their width. */
    public static final double FLAPS = 20;

    /** Loose tips longer than this bend up (common practice, no source), times their width. */
    public static final double BENDS = 8;

    /** Whether it is a loose tip so long that it bends up when paint is laid over it. */
    public boolean bends() {
        return !holds && lengthMm > BENDS * meanMm;
    }

    /** Whether it is so long that it flaps. */
    public boolean flaps() {
        return holds && lengthMm > FLAPS * meanMm;
    }
}
