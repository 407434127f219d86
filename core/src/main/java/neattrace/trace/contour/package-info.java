/**
 * Sub-pixel contours of an ink map: the border between ink and paper pixels is followed (ink
 * 8-connected, paper 4-connected, so every saddle is decided the same way; border following after
 * Suzuki and Abe, CVGIP 30, 1985). Each vertex lies between the centres of an ink pixel and a paper
 * pixel, where the coverages summed across the edge put it (partial area effect: Trujillo-Pino,
 * Krissian, Aleman-Flores and Santana-Cedres, "Accurate subpixel edge location based on partial
 * area effect", Image and Vision Computing 31, 2013). For a straight edge this is exact, while
 * interpolating between centres is off by up to 0.09 px.
 */
package neattrace.trace.contour;
