package neattrace.region;

import neattrace.geom.Point;

/**
 * An unseen line that closes an opening: from ink to ink over the narrowest place. It parts areas
 * and is never printed.
 *
 * @param from on the ink of one side, mm
 * @param over in the middle of the opening, mm
 * @param to on the ink of the other side, mm
 */
public record Join(Point from, Point over, Point to) {}
