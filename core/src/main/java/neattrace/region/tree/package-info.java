/**
 * All areas at every closing width. The flood of {@code region.area} parts the paper at every gap,
 * however wide, into cells. A width closes the gaps up to it; cells on both sides of a wider gap
 * are one area. Going through the gaps from the widest down is Kruskal's algorithm for the maximum
 * spanning forest (Proceedings of the AMS 7(1), 1956), so that another width costs time in the
 * number of cells and gaps, not of pixels: the hierarchy is the same as that of watersheds by
 * saddle height (Najman and Schmitt, IEEE PAMI 18(12), 1996).
 *
 * <p>The knife: a line drawn by hand is evened out, run on to the ink it nearly reaches at both
 * ends, and kept with few corners (Douglas and Peucker, Cartographica 10(2), 1973, by JTS).
 *
 * <p>Where colour would run. Between cells the way is the widest one: the path over gaps whose
 * narrowest gap is as wide as can be (maximum bottleneck path: Hu, Operations Research 9(6), 1961).
 * Within a cell it is drawn by Dijkstra's algorithm (Numerische Mathematik 1, 1959) on a lattice,
 * dearer the nearer ink is, so that it keeps to the middle.
 */
package neattrace.region.tree;
