/**
 * The weight of all lines at once. One weight and tapers draw every stroke again with a pen along
 * its middle; bolder and thinner move every edge by its distance, measured from the sub-pixel
 * contour (dilation and erosion by a disc: J. Serra, <i>Image Analysis and Mathematical
 * Morphology</i>, 1982); a bolder outside grows only into paper that a disc as wide as the usual
 * gap can reach from the border (an opening), so that gaps do not let it in.
 *
 * <p>Lines parted by colour: each stroke goes into the ink of its swatch; where strokes of two
 * swatches cross, both keep their ink, and the one above hides the one below. What is cut is cut
 * along the stroke's own edge, drawn with its own pen, and traced anew, so that parts have curves
 * as clean as the whole.
 *
 * <p>The outside of a drawing: paper that a disc as wide as the usual gap can reach from the
 * border, up to the ink (an opening, after J. Serra, <i>Image Analysis and Mathematical
 * Morphology</i>, 1982, and a flood), so that gaps do not let it in.
 *
 * <p>Ends of lines that thin out as a flexible pen lets them (common practice, no source).
 */
package neattrace.trace.weight;
