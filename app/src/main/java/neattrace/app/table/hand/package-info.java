/** Things drawn on the table by hand: boxes, lines, polygons, brush strokes, spots and corners. */
package neattrace.app.table.hand;
