/**
 * Pictures as grids: grey sheets, ink maps and colour pictures. Pixel (i, j) covers [i, i+1) x [j,
 * j+1); rows run downwards; samples are unsigned bytes, one a pixel, row by row.
 */
package neattrace.raster;
