package neattrace.trace.fit;

import neattrace.geom.Point;

/** A corner: the sample nearest to it, and where the two sides meet. */
record Corner(int index, Point at) {}
