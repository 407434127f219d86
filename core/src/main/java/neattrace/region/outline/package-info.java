/**
 * Area outlines with shared edges. The cracks between differently labelled pixels are followed into
 * rings through the middles of the cracks (joints of three and more areas keep their corner), and
 * the rings of all areas are simplified together so that neighbours keep exactly the same edge:
 * CoverageSimplifier of JTS 1.20 (Visvalingam and Whyatt, The Cartographic Journal 30(1), 1993).
 */
package neattrace.region.outline;
