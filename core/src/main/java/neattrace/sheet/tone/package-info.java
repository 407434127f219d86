/**
 * Paper white and ink black, measured: Otsu's threshold parts the histogram, the paper is the
 * median of the light side, solid ink the dark quartile of the other; grain is the median
 * difference of neighbouring paper pixels.
 */
package neattrace.sheet.tone;
