/**
 * What a hand does to finished lines, each as one edit of the ink: take away, join, extend, redraw,
 * make thicker or thinner, give one width. A line is wiped off as the track of its own pen (a
 * buffer of changing width along its middle, by JTS) less the tracks of the lines that cross it, so
 * that nothing but the line itself changes. Joins are cubic Hermite curves along both ends' own
 * directions (C. Hermite's form as in G. Farin, <i>Curves and Surfaces for CAGD</i>, ch. 7);
 * freehand lines are smoothed by running means along their length.
 *
 * <p>Single points of outlines moved, added and taken away by hand. Splitting is de Casteljau's (G.
 * Farin, <i>Curves and Surfaces for CAGD</i>, ch. 4), which leaves the curve as it is; where two
 * curves become one, the new one keeps the directions at its ends and is fitted to both.
 */
package neattrace.trace.mend;
