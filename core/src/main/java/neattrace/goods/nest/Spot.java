package neattrace.goods.nest;

/**
 * A place in cells.
 *
 * @param turn which direction
 * @param worth what speaks for it: more is better
 */
record Spot(int x, int y, int turn, double worth) {}
