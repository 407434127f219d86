/**
 * Unsharp masking with a threshold: the difference to a blurred copy is added again where it is
 * larger than grain (Gonzalez and Woods, <i>Digital Image Processing</i>, 4th ed., 3.6, the
 * threshold is common practice, no source).
 */
package neattrace.sheet.sharpen;
