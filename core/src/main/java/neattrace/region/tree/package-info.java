/**
 * All areas at every closing width. The flood of {@code region.area} parts the paper at every gap,
 * however wide, into cells. A width closes the gaps up to it; cells on both sides of a wider gap
 * are one area. Going through the gaps from the widest down is Kruskal's algorithm for the maximum
 * spanning forest (Proceedings of the AMS 7(1), 1956), so that another width costs time in the
 * number of cells and gaps, not of pixels: the hierarchy is the same as that of watersheds by
 * saddle height (Najman and Schmitt, IEEE PAMI 18(12), 1996).
 */
package neattrace.region.tree;
