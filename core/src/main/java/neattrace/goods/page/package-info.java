/**
 * Colouring pages: the free paper between lines, how large a pencil fits into each area (the
 * largest inscribed circle, found by branch and bound over cells: JTS {@code
 * MaximumInscribedCircle}, after the polylabel algorithm), numbers where areas are roomiest (the
 * same in a plane squeezed by the proportion of the number, which finds the largest ellipse of that
 * proportion), and the page as a plan. An area that is too small is widened by taking ink away
 * round it, or opened to a neighbour.
 */
package neattrace.goods.page;
