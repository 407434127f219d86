/**
 * The distance between two sets of outlines: sampled symmetric distance to the nearest edge, found
 * in a packed R-tree (HPRtree of JTS). The mean and the 99th percentile say what the Hausdorff
 * distance (its maximum) hides.
 */
package neattrace.geom.deviation;
