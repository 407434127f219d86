/**
 * The skeleton of ink: pixels are taken away in the order of their distance from paper as long as
 * no piece is cut, no hole opened and no end shortened (distance-ordered homotopic thinning: C.
 * Pudney, "Distance-Ordered Homotopic Thinning", Computer Vision and Image Understanding 72(3),
 * 1998). A pixel can go if its connectivity number is one (S. Yokoi, J. Toriwaki and T. Fukumura,
 * "An Analysis of Topological Properties of Digitized Binary Pictures", CGIP 4, 1975).
 */
package neattrace.trace.thin;
