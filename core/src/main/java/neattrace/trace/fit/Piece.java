package neattrace.trace.fit;

import neattrace.geom.Point;

/** One fitted cubic with its error; the end is the next piece's start. */
record Piece(Point start, Point first, Point second, Point end, boolean straight, FitError error) {}
