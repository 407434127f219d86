/**
 * What is paper and what is ink: levels, response, and thresholds.
 *
 * <p>Global threshold by the largest between-class variance: N. Otsu, "A Threshold Selection Method
 * from Gray-Level Histograms", IEEE Transactions on Systems, Man, and Cybernetics 9(1), 1979.
 *
 * <p>Adaptive threshold: T = m (1 + k (s / R - 1)) with the mean m and the standard deviation s of
 * a window round the pixel and R = 128 (J. Sauvola and M. Pietikainen, "Adaptive Document Image
 * Binarization", Pattern Recognition 33(2), 2000, equation 5).
 *
 * <p>A response that keeps light lines and dense hatching alive together. No single curve can do
 * both, for both meet at the same greys; what parts them is how much ink lies round them. Where
 * little does, darkness is multiplied; where much does, brightness (the photographer's dodging and
 * burning, by local mean; our own method, no source).
 *
 * <p>Paper white and ink black, measured: Otsu's threshold parts the histogram, the paper is the
 * median of the light side, solid ink the dark quartile of the other; grain is the median
 * difference of neighbouring paper pixels.
 *
 * <p>What the edges of the ink themselves tell: half way between the paper on one side and the ink
 * on the other is where an edge blurred by a lens truly lies (A. Huertas and G. Medioni, "Detection
 * of Intensity Changes with Subpixel Accuracy Using Laplacian-Gaussian Masks", IEEE PAMI 8(5),
 * 1986, for the step edge under a symmetric blur), and how steep it is tells the blur.
 */
package neattrace.sheet.threshold;
