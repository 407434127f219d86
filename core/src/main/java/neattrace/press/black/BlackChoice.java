package neattrace.press.black;

import neattrace.geom.Point;

/**
 * A piece of black that is printed otherwise than the rule says.
 *
 * @param at a place in it, mm
 * @param rich whether it has colours beneath it
 */
public record BlackChoice(Point at, boolean rich) {}
