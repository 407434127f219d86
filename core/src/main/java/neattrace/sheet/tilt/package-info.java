/**
 * The tilt of a sheet from its own long straight lines and rows of lettering: the edge points of
 * the ink are projected along every angle, and the angle whose profile is peakiest wins (W. Postl,
 * "Detection of Linear Oblique Structures and Skew Scan in Digitized Documents", ICPR 1986); the
 * points under the peaks are then fitted by straight lines.
 */
package neattrace.sheet.tilt;
