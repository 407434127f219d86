/**
 * Moving a picture on to another grid with one interpolation: bicubic convolution with a = -1/2 (R.
 * Keys, "Cubic Convolution Interpolation for Digital Image Processing", IEEE Transactions on
 * Acoustics, Speech, and Signal Processing 29(6), 1981).
 */
package neattrace.raster.resample;
