/**
 * Where lines are, so that those at a place are found without looking through all: runs of samples
 * in a packed Hilbert R-tree (JTS).
 */
package neattrace.trace.index;
