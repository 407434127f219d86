/**
 * Arranging stickers on a sheet by their true shapes. Each piece, grown by half the gap, becomes
 * rows of cells that cover it; a place is free where none of its rows meets a taken cell, which is
 * looked up in one step for each row, and taken stretches are jumped over (after E. Burke, R.
 * Hellier, G. Kendall and G. Whitwell, "A new bottom-left-fill heuristic algorithm for the
 * two-dimensional irregular packing problem", Operations Research 54, 2006). Of free places the one
 * with most contact is taken. A first arrangement, largest pieces first, is improved by taking some
 * pieces off and laying them again (G. Schrimpf and others, "Record breaking optimization results
 * using the ruin and recreate principle", Journal of Computational Physics 159, 2000).
 */
package neattrace.goods.nest;
