/**
 * Fitting cubic curves to dense contours. Corners are found where the direction turns as sharply at
 * a small scale as at a larger one (a true corner keeps its angle, an arc loses it), and are put
 * back where the two sides meet; tips as sharp as 20 degrees keep their point. Stretches drawn
 * straight are found next, as lines of total least squares grown from both ends, and stay lines;
 * what lies between two of them, or a corner, and is one arc of a circle stays an arc that touches
 * its sides. Between these the contour is cut into tangent-continuous cubics that surely keep
 * close, from which joints are taken away one by one; each time the places and directions of the
 * joints round about and the arms of their curves are found anew together, by least squares (Gauss
 * and Newton's method with distances across the curve: A. Blake and M. Isard, "Active Contours",
 * 1998; H. Pottmann, S. Leopoldseder and M. Hofer, "Approximation with active B-spline curves and
 * surfaces", Pacific Graphics 2002; damping after Levenberg and Marquardt). The greedy removal of
 * joints follows M. Eck and J. Hadenfeld, "Knot removal for B-spline curves", CAGD 12, 1995.
 *
 * <p>Curves that cross themselves or each other, found among chords that keep within 0.005 px of
 * them, by monotone chains in a packed tree (JTS's noder: after J. Hobby, "Practical segment
 * intersection with finite precision output", Computational Geometry 13, 1999).
 */
package neattrace.trace.fit;
