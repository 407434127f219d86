/**
 * Sub-pixel contours of an ink map: the border between ink and paper pixels is followed (ink
 * 8-connected, paper 4-connected, so every saddle is decided the same way; border following after
 * Suzuki and Abe, CVGIP 30, 1985). Each vertex lies between the centres of an ink pixel and a paper
 * pixel, where the coverages summed across the edge put it (partial area effect: Trujillo-Pino,
 * Krissian, Aleman-Flores and Santana-Cedres, "Accurate subpixel edge location based on partial
 * area effect", Image and Vision Computing 31, 2013). For a straight edge this is exact, while
 * interpolating between centres is off by up to 0.09 px.
 *
 * <p>Contours of pictures of pure black and white. Each pixel side between ink and paper says that
 * the edge runs somewhere between two pixel centres. Of all contours through these gates the one is
 * taken whose curvature changes least, with a few jumps for nearly nothing: where lines meet arcs
 * and where corners are. It is found as a convex problem with walls (S. Boyd and L. Vandenberghe,
 * "Convex Optimization", 2004, chapter 11: the barrier method), solved again a few times with the
 * weight taken off the jumps (graduated non-convexity: A. Blake and A. Zisserman, "Visual
 * Reconstruction", 1987). All systems of equations are banded.
 */
package neattrace.trace.contour;
