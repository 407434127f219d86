/**
 * Lines as a person means them: the skeleton of the ink is cut into branches at its junctions,
 * branches that do not stick out of the line they leave are taken off (after the disc criterion of
 * H. Blum and R. Nagel, "Shape description using weighted symmetric axis features", Pattern
 * Recognition 10, 1978), and the middle and the width of what is left are found to a fraction of a
 * pixel from the coverage across it: its sum is the width, its centroid the middle (partial area
 * effect). Where lines meet there is no across. A line that goes on there is bridged, with the
 * least change of curvature from what is measured on both sides; others run straight on to it, or
 * to where they all meet. A corner is as round as its outer edge tells.
 *
 * <p>Strokes as a hand drew them: of the lines that meet, those go on as one another that have to
 * turn least otherwise than they are bent already, and are alike in width (good continuation, as in
 * the perceptual grouping of D. Lowe, <i>Perceptual Organization and Visual Recognition</i>, 1985);
 * all pairs of a meeting are chosen together. Two lines that run on one another for a while come
 * apart where both sides say so.
 *
 * <p>The skeleton of ink: pixels are taken away in the order of their distance from paper as long
 * as no piece is cut, no hole opened and no end shortened (distance-ordered homotopic thinning: C.
 * Pudney, "Distance-Ordered Homotopic Thinning", Computer Vision and Image Understanding 72(3),
 * 1998). A pixel can go if its connectivity number is one (S. Yokoi, J. Toriwaki and T. Fukumura,
 * "An Analysis of Topological Properties of Digitized Binary Pictures", CGIP 4, 1975).
 *
 * <p>Where lines are, so that those at a place are found without looking through all: runs of
 * samples in a packed Hilbert R-tree (JTS).
 *
 * <p>The track of a round pen of changing width, thinned to the places that matter (D. Douglas and
 * T. Peucker, Cartographica 10, 1973).
 *
 * <p>Lines as single paths, for pens, engravers and whoever wants to set their width anew: the
 * middle of each stroke as curves, with its usual width; solid blacks as outlines.
 */
package neattrace.trace.centre;
