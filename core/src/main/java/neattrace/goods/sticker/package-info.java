/**
 * Stickers: what is printed, its border and bleed, and the lines it is cut along. Where the bleed
 * carries on the colours of the art's edge, each place beyond the edge takes the colour of the
 * nearest place on it (a Voronoi diagram: F. Aurenhammer, "Voronoi diagrams", ACM Computing Surveys
 * 23, 1991; JTS).
 */
package neattrace.goods.sticker;
