package neattrace.goods.making;

import neattrace.geom.Point;

/**
 * A tie that a person decided about.
 *
 * @param at where, mm on the drawing's page
 * @param wanted whether there must be one; else there must be none
 */
public record TieChoice(Point at, boolean wanted) {}
