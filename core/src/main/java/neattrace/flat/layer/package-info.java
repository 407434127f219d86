/**
 * Fills become layers: each fill is attached to the area that holds its anchor, and the areas of
 * one swatch are united along their shared edges (CoverageUnion of JTS).
 */
package neattrace.flat.layer;
