package neattrace.trace;

import neattrace.geom.CubicLoop;
import neattrace.trace.contour.Contour;
import neattrace.trace.fit.FittedLoop;

/**
 * A contour and what was fitted to it.
 *
 * @param contour as the ink gave it
 * @param fitted the curve
 */
public record TracedLoop(Contour contour, FittedLoop fitted) {

    /** The curve, px. */
    public CubicLoop curve() {
        return fitted.loop();
    }

    /** Largest distance of the contour from segment {@code i} of the curve, px. */
    public double deviation(int i) {
        return fitted.deviation(i);
    }
}
