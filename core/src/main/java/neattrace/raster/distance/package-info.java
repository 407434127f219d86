/**
 * Exact Euclidean distance and nearest-feature transform in linear time: a pass over the columns,
 * then the lower envelope of parabolas along each row (Felzenszwalb and Huttenlocher, "Distance
 * Transforms of Sampled Functions", Theory of Computing 8, 2012; feature indices, and hidden
 * parabolas told without a division, after Maurer, Qi and Raghavan, IEEE PAMI 25(2), 2003). Paper
 * and ink are done at once.
 */
package neattrace.raster.distance;
