/**
 * Colours from a rough: each area takes the colour that occurs most often beneath it (mode of a
 * coarse histogram, then the mean of that bin), and colours closer than a few CIEDE2000 units
 * become one swatch.
 */
package neattrace.flat.rough;
