/**
 * Colours from a rough: each area takes the colour that occurs most often beneath it (mode of a
 * coarse histogram, then the mean of that bin), and colours closer than a few CIEDE2000 units
 * become one swatch.
 *
 * <p>Roughs of another size are laid over the drawing: one of the same proportion as it is, any
 * other by the boxes round what is drawn on both.
 *
 * <p>Cuts along the colours of a rough where these change and no line is drawn. Colours are
 * gathered into a palette, grown over each area from where they are sure (a watershed by
 * breadth-first search), rid of slivers, and the cracks between them are followed and simplified
 * (Douglas and Peucker, Cartographica 10(2), 1973). Only a rough that keeps to the lines is
 * followed: one whose colours change beneath ink; where dabs ran over the lines, strips that go on
 * beyond a line are let go.
 */
package neattrace.flat.rough;
