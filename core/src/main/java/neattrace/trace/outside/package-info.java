/**
 * The outside of a drawing: paper that a disc as wide as the usual gap can reach from the border,
 * up to the ink (an opening, after J. Serra, <i>Image Analysis and Mathematical Morphology</i>,
 * 1982, and a flood), so that gaps do not let it in.
 */
package neattrace.trace.outside;
