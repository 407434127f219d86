package neattrace.trace.contour;

/**
 * One closed contour as a dense polygon in source pixels.
 *
 * @param xy x and y of each vertex, the first not repeated; ink lies to the right of the direction
 *     of travel, so outer edges run clockwise on screen and holes the other way
 * @param hole whether it encloses paper
 * @param part the piece of ink it belongs to, counted from 0
 */
public record Contour(double[] xy, boolean hole, int part) {}
