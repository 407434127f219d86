/**
 * The track of a round pen of changing width, thinned to the places that matter (D. Douglas and T.
 * Peucker, Cartographica 10, 1973).
 */
package neattrace.trace.track;
