/**
 * Points, closed cubic paths and outlines with holes. Curves are cubic Bezier segments in Bernstein
 * form (Farin, <i>Curves and Surfaces for CAGD</i>, 5th ed., chapters 4 to 6). The unit is the
 * caller's: source pixels while tracing, millimetres in a document; y points down.
 *
 * <p>The distance between two sets of outlines: sampled symmetric distance to the nearest edge,
 * found in a packed R-tree (HPRtree of JTS). The mean and the 99th percentile say what the
 * Hausdorff distance (its maximum) hides.
 *
 * <p>Lines drawn by hand: sampled evenly and evened out by three passes of a moving mean, which
 * comes near a Gaussian (Wells, IEEE PAMI 8(2), 1986); the ends stay where they are.
 */
package neattrace.geom;
