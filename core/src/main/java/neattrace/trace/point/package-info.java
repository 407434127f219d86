/**
 * Single points of outlines moved, added and taken away by hand. Splitting is de Casteljau's (G.
 * Farin, <i>Curves and Surfaces for CAGD</i>, ch. 4), which leaves the curve as it is; where two
 * curves become one, the new one keeps the directions at its ends and is fitted to both.
 */
package neattrace.trace.point;
