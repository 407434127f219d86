/**
 * Cut stencils: what is cut away, the ties that hold what would fall out, and the webs between
 * cuts.
 *
 * <p>Where ties can run: the medial axes of what would be cut (H. Blum, "A transformation for
 * extracting new descriptors of shape", 1967) as the places where nearest pieces of the sheet
 * change, on a raster (exact Euclidean feature transform); a tie leads across such a place from one
 * piece to the other. Which ties: the cheapest that hold all pieces together (minimum spanning
 * tree: J. Kruskal, Proceedings of the AMS 7, 1956), then more until each island has two on
 * different sides, then exchanges as long as any makes the whole cheaper.
 *
 * <p>Webs that are too narrow: what an opening by the least width takes away (mathematical
 * morphology: J. Serra, <i>Image Analysis and Mathematical Morphology</i>, 1982).
 */
package neattrace.goods.stencil;
