/**
 * The knife: a line drawn by hand is evened out, run on to the ink it nearly reaches at both ends,
 * and kept with few corners (Douglas and Peucker, Cartographica 10(2), 1973, by JTS).
 */
package neattrace.region.knife;
