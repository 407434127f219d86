/**
 * Which threshold to take: the calm middle, the widest stretch of thresholds in which the drawing's
 * topology does not change (maximal persistence over the component tree; compare J. Matas et al.,
 * "Robust Wide Baseline Stereo from Maximally Stable Extremal Regions", 2002, where the same idea
 * picks single regions), and where on the sheet another one would be calmer.
 */
package neattrace.sheet.advice;
