package neattrace.trace.fit;

import neattrace.geom.Point;

/**
 * A corner.
 *
 * @param index the sample nearest to it
 * @param at where the two sides meet, or nearly so if it is rounded
 * @param rounded whether it was drawn a little rounded
 */
record Corner(int index, Point at, boolean rounded) {}
