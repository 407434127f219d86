/**
 * Flats with form: insets by inward offset (JTS buffer), lit and shaded sides as the difference of
 * an area and its moved copy, shapes drawn by hand, and the silhouette's cast shadow. All come out
 * as flats again, one colour at any place, so that every ink stays one shape.
 */
package neattrace.flat.form;
