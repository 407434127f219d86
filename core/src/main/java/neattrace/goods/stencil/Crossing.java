package neattrace.goods.stencil;

import neattrace.geom.Point;

/**
 * A place where a tie could lead from one piece to another.
 *
 * @param one the piece with the lower number
 * @param other the other one
 * @param middle mm
 * @param along unit vector from the one to the other
 * @param lengthMm from piece to piece, straight across
 */
record Crossing(int one, int other, Point middle, Point along, double lengthMm) {}
