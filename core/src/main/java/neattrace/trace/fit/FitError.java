package neattrace.trace.fit;

import neattrace.geom.Point;

/** How far samples lie from a curve, px. */
record FitError(double sum, double squares, double max, Point at, int count) {}
