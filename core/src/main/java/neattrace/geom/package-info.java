/**
 * Points, closed cubic paths and outlines with holes. Curves are cubic Bezier segments in Bernstein
 * form (Farin, <i>Curves and Surfaces for CAGD</i>, 5th ed., chapters 4 to 6). The unit is the
 * caller's: source pixels while tracing, millimetres in a document; y points down.
 */
package neattrace.geom;
