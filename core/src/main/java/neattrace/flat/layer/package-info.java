/**
 * Fills become layers: each fill is attached to the area that holds its anchor, and the areas of
 * one swatch are united along their shared edges (CoverageUnion of JTS).
 *
 * <p>Flats with form: insets by inward offset (JTS buffer), lit and shaded sides as the difference
 * of an area and its moved copy, shapes drawn by hand, and the silhouette's cast shadow. All come
 * out as flats again, one colour at any place, so that every ink stays one shape.
 *
 * <p>Colours run on beneath the neighbours that lie above them, so that soft edges and plates that
 * shift a little show no paper between them. Only along edges that two colours share: to bare paper
 * and to the page nothing grows.
 *
 * <p>Shapes by object: areas that were named as a group are one shape of that name, all others are
 * one where they touch. Union by JTS (overlay on a coverage or OverlayNG); which piece a place lies
 * in is told by an index of the pieces' boxes (STR-tree: Leutenegger et al., ICDE 1997).
 */
package neattrace.flat.layer;
