/**
 * Lines parted by colour: each stroke goes into the ink of its swatch; where strokes of two
 * swatches cross, both keep their ink, and the one above hides the one below. What is cut is cut
 * along the stroke's own edge, drawn with its own pen, and traced anew, so that parts have curves
 * as clean as the whole.
 */
package neattrace.trace.colour;
