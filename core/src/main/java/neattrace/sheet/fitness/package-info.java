/**
 * What a scan is good for: its thinnest lines by the ridge of the distance transform (A. Rosenfeld
 * and J. Pfaltz, "Sequential Operations in Digital Picture Processing", Journal of the ACM 13(4),
 * 1966), and the sizes its pixels allow for each kind of goods.
 */
package neattrace.sheet.fitness;
