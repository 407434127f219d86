/**
 * Contours of pictures of pure black and white. Each pixel side between ink and paper says that the
 * edge runs somewhere between two pixel centres. Of all contours through these gates the one is
 * taken whose curvature changes least, with a few jumps for nearly nothing: where lines meet arcs
 * and where corners are. It is found as a convex problem with walls (S. Boyd and L. Vandenberghe,
 * "Convex Optimization", 2004, chapter 11: the barrier method), solved again a few times with the
 * weight taken off the jumps (graduated non-convexity: A. Blake and A. Zisserman, "Visual
 * Reconstruction", 1987). All systems of equations are banded.
 */
package neattrace.trace.corridor;
