/**
 * What the edges of the ink themselves tell: half way between the paper on one side and the ink on
 * the other is where an edge blurred by a lens truly lies (A. Huertas and G. Medioni, "Detection of
 * Intensity Changes with Subpixel Accuracy Using Laplacian-Gaussian Masks", IEEE PAMI 8(5), 1986,
 * for the step edge under a symmetric blur), and how steep it is tells the blur.
 */
package neattrace.sheet.edge;
