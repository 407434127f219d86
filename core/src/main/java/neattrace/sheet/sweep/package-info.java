/**
 * What every threshold would do, in one sweep. Pixels are added in the order of their darkness to a
 * union-find forest, which builds the component tree from its leaves (L. Najman and M. Couprie,
 * "Building the Component Tree in Quasi-Linear Time", IEEE TIP 15(11), 2006); the same is done for
 * paper from the bright end. Births and unions are paired by the elder rule (H. Edelsbrunner, D.
 * Letscher and A. Zomorodian, "Topological Persistence and Simplification", 2002), so that grain,
 * which is born and merged within a few levels, does not count as part of the drawing.
 *
 * <p>Which threshold to take: the calm middle, the widest stretch of thresholds in which the
 * drawing's topology does not change (maximal persistence over the component tree; compare J. Matas
 * et al., "Robust Wide Baseline Stereo from Maximally Stable Extremal Regions", 2002, where the
 * same idea picks single regions), and where on the sheet another one would be calmer.
 */
package neattrace.sheet.sweep;
