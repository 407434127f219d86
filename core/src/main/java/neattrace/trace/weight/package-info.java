/**
 * The weight of all lines at once. One weight and tapers draw every stroke again with a pen along
 * its middle; bolder and thinner move every edge by its distance, measured from the sub-pixel
 * contour (dilation and erosion by a disc: J. Serra, <i>Image Analysis and Mathematical
 * Morphology</i>, 1982); a bolder outside grows only into paper that a disc as wide as the usual
 * gap can reach from the border (an opening), so that gaps do not let it in.
 */
package neattrace.trace.weight;
