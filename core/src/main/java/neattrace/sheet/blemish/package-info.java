/**
 * What lies on a scan and is no drawing: the shadow of a book's spine, the sheet's own edges,
 * stamps and smudges. Shadows and smudges show as dents in the measured light, stamps and other
 * faint marks as greys far from any ink, edges as ink along the border (our own method, no source).
 */
package neattrace.sheet.blemish;
