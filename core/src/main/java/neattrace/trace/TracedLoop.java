package neattrace.trace;

import neattrace.trace.contour.Contour;
import neattrace.trace.fit.FittedLoop;

/**
 * A contour and what was fitted to it.
 *
 * @param contour as the ink gave it
 * @param fitted the curve
 */
public record TracedLoop(Contour contour, FittedLoop fitted) {}
