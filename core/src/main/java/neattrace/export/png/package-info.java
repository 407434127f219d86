/**
 * Painting art into pixels with Java2D, for PNG files (ISO/IEC 15948) and for the screen. Each
 * layer is painted a hair wider than it is, so that neighbours leave no light seam where their
 * shared edge is anti-aliased; the lines cover the rest.
 */
package neattrace.export.png;
