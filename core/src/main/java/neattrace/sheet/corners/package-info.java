/**
 * The corners of a sheet that was photographed on a darker ground: the convex hull of its paper is
 * cut at its four outermost points, a straight line is fitted to each stretch between them (least
 * squares, as for the skew of pages), and neighbouring lines are brought to meet.
 */
package neattrace.sheet.corners;
