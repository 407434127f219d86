/**
 * Adaptive threshold: T = m (1 + k (s / R - 1)) with the mean m and the standard deviation s of a
 * window round the pixel and R = 128 (J. Sauvola and M. Pietikainen, "Adaptive Document Image
 * Binarization", Pattern Recognition 33(2), 2000, equation 5).
 */
package neattrace.sheet.sauvola;
