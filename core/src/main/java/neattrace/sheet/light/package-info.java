/**
 * Evening out light and paper tone: the paper's brightness is measured per tile as a high
 * percentile (ink is dark, so paper is what is bright), tiles full of ink borrow from their
 * neighbours, the field is smoothed and interpolated bilinearly, and every pixel is divided by it
 * (flat-field correction; Gonzalez and Woods, <i>Digital Image Processing</i>, 4th ed., 2.6 and
 * 10.3).
 */
package neattrace.sheet.light;
