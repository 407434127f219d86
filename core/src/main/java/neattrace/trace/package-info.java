/** From an ink map to closed cubic outlines, with their measured distance from the ink. */
package neattrace.trace;
