/**
 * Cuts along the colours of a rough where these change and no line is drawn. Colours are gathered
 * into a palette, grown over each area from where they are sure (a watershed by breadth-first
 * search), rid of slivers, and the cracks between them are followed and simplified (Douglas and
 * Peucker, Cartographica 10(2), 1973). Only a rough that keeps to the lines is followed: one whose
 * colours mostly change beneath ink.
 */
package neattrace.flat.edge;
