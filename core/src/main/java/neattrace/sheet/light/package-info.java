/**
 * Evening out light and paper tone. Paper is what is locally flat and, from tile to tile, does not
 * jump: starting at the brightest tiles the evidence is followed into shadows, while solid ink,
 * which begins with a jump, is left out. A surface is laid through the evidence by penalised least
 * squares (P. Eilers and B. Marx, "Flexible Smoothing with B-splines and Penalties", Statistical
 * Science 11(2), 1996, with tile means in place of B-splines), which bridges inked tiles and runs
 * on straight to the edges; every pixel is divided by it (flat-field correction; Gonzalez and
 * Woods, <i>Digital Image Processing</i>, 4th ed., 2.6 and 10.3).
 */
package neattrace.sheet.light;
