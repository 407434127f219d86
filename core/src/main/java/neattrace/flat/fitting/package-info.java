/**
 * Roughs of another size are laid over the drawing: one of the same proportion as it is, any other
 * by the boxes round what is drawn on both.
 */
package neattrace.flat.fitting;
