/**
 * Areas from one sweep over the free paper. Pixels are visited from the farthest from ink to the
 * nearest (the max-tree of the exact distance transform, built with union-find: Najman and Couprie,
 * IEEE TIP 15(11), 2006). Where two basins meet, the distance at the meeting place is half the
 * width of the neck between them; a neck that is narrow enough and much narrower than both sides is
 * a gap and keeps the basins apart (persistence as in watershed hierarchies: Meyer and Beucher,
 * JVCIR 1(1), 1990). All other meetings merge. Where only narrow places matter, each pixel first
 * takes the stretch its steepest way up leads to, all rows at once, and only pixels at which
 * stretches meet are visited (watershed by steepest paths: Cousty, Bertrand, Najman and Couprie,
 * IEEE PAMI 31(8), 2009).
 */
package neattrace.region.area;
