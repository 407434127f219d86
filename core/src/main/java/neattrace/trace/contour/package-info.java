/**
 * Sub-pixel contours of an ink map: the border between ink and paper pixels is followed (ink
 * 8-connected, paper 4-connected, so every saddle is decided the same way), and each vertex is put
 * where the coverage interpolated between the two pixel centres crosses the edge level (Lorensen
 * and Cline, "Marching Cubes", SIGGRAPH 1987, in two dimensions; border following after Suzuki and
 * Abe, CVGIP 30, 1985).
 */
package neattrace.trace.contour;
