/**
 * Pictures as grids: grey sheets, ink maps and colour pictures. Pixel (i, j) covers [i, i+1) x [j,
 * j+1); rows run downwards; samples are unsigned bytes, one a pixel, row by row.
 *
 * <p>Gaussian blur: by its kernel while that is short, else by three box blurs in a row, whose
 * widths are chosen for the same variance (P. Kovesi, "Fast Almost-Gaussian Filtering", DICTA
 * 2010).
 *
 * <p>How much of each pixel a shape covers, by the JDK's scan converter (Marlin: 256 x 8 samples a
 * pixel, non-zero winding, so that overlapping parts of one shape leave no seam).
 *
 * <p>Exact Euclidean distance and nearest-feature transform in linear time: a pass over the
 * columns, then the lower envelope of parabolas along each row (Felzenszwalb and Huttenlocher,
 * "Distance Transforms of Sampled Functions", Theory of Computing 8, 2012; feature indices, and
 * hidden parabolas told without a division, after Maurer, Qi and Raghavan, IEEE PAMI 25(2), 2003).
 * Paper and ink are done at once.
 *
 * <p>Connected-component labelling on runs: one pass that joins the runs of neighbouring rows with
 * a union-find forest (He, Chao and Suzuki, "A Run-Based Two-Scan Labeling Algorithm", IEEE TIP
 * 17(5), 2008). Memory grows with runs, not with pixels.
 *
 * <p>Moving a picture on to another grid with one interpolation: bicubic convolution with a = -1/2
 * (R. Keys, "Cubic Convolution Interpolation for Digital Image Processing", IEEE Transactions on
 * Acoustics, Speech, and Signal Processing 29(6), 1981).
 *
 * <p>Writing PNG files (ISO/IEC 15948) with their resolution in the pHYs chunk.
 */
package neattrace.raster;
