/**
 * Evening out light and paper tone. Paper is what is locally flat and, from tile to tile, does not
 * jump: starting at the brightest tiles the evidence is followed into shadows, while solid ink,
 * which begins with a jump, is left out. A surface is laid through the evidence by penalised least
 * squares (P. Eilers and B. Marx, "Flexible Smoothing with B-splines and Penalties", Statistical
 * Science 11(2), 1996, with tile means in place of B-splines), which bridges inked tiles and runs
 * on straight to the edges; every pixel is divided by it (flat-field correction; Gonzalez and
 * Woods, <i>Digital Image Processing</i>, 4th ed., 2.6 and 10.3).
 *
 * <p>Unsharp masking with a threshold: the difference to a blurred copy is added again where it is
 * larger than grain (Gonzalez and Woods, <i>Digital Image Processing</i>, 4th ed., 3.6, the
 * threshold is common practice, no source).
 *
 * <p>Parting a coloured under-drawing from dark ink by colour deconvolution: in optical density
 * both add up, so each pixel is a share of grey ink plus a share of the pencil's colour (A. Ruifrok
 * and D. Johnston, "Quantification of Histochemical Staining by Color Deconvolution", Analytical
 * and Quantitative Cytology and Histology 23(4), 2001). The pencil's colour is measured on the
 * sheet.
 */
package neattrace.sheet.light;
