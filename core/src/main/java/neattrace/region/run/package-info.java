/**
 * Where colour would run. Between cells the way is the widest one: the path over gaps whose
 * narrowest gap is as wide as can be (maximum bottleneck path: Hu, Operations Research 9(6), 1961).
 * Within a cell it is drawn by Dijkstra's algorithm (Numerische Mathematik 1, 1959) on a lattice,
 * dearer the nearer ink is, so that it keeps to the middle.
 */
package neattrace.region.run;
