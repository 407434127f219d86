/**
 * Everything about a sheet that may need a decision, looked for in one go.
 *
 * <p>The corners of a sheet that was photographed on a darker ground: the convex hull of its paper
 * is cut at its four outermost points, a straight line is fitted to each stretch between them
 * (least squares, as for the skew of pages), and neighbouring lines are brought to meet.
 *
 * <p>Where on the sheet the drawing is: the extent of all pieces of ink that are no dirt.
 *
 * <p>The tilt of a sheet from its own long straight lines and rows of lettering: the edge points of
 * the ink are projected along every angle, and the angle whose profile is peakiest wins (W. Postl,
 * "Detection of Linear Oblique Structures and Skew Scan in Digitized Documents", ICPR 1986); the
 * points under the peaks are then fitted by straight lines.
 *
 * <p>What a scan is good for: its thinnest lines by the ridge of the distance transform (A.
 * Rosenfeld and J. Pfaltz, "Sequential Operations in Digital Picture Processing", Journal of the
 * ACM 13(4), 1966), and the sizes its pixels allow for each kind of goods.
 *
 * <p>What lies on a scan and is no drawing: the shadow of a book's spine, the sheet's own edges,
 * stamps and smudges. Shadows and smudges show as dents in the measured light, stamps and other
 * faint marks as greys far from any ink, edges as ink along the border (our own method, no source).
 */
package neattrace.sheet.review;
