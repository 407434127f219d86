/**
 * Gaussian blur: by its kernel while that is short, else by three box blurs in a row, whose widths
 * are chosen for the same variance (P. Kovesi, "Fast Almost-Gaussian Filtering", DICTA 2010).
 */
package neattrace.raster.blur;
