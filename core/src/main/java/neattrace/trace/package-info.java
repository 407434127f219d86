/**
 * From an ink map to closed cubic outlines, with their measured distance from the ink.
 *
 * <p>Changes to the ink that a person asked for, held as shapes on the page: some are wiped off,
 * some are drawn. They can be laid on any reading of the same sheet, so they outlive a new
 * threshold, and everything computed from the ink (outlines, areas, gaps) follows them. Coverages
 * are put together as if what they stand for lay independently within the pixel (T. Porter and T.
 * Duff, "Compositing Digital Images", SIGGRAPH 1984: "out" for wiping, "over" for drawing).
 */
package neattrace.trace;
