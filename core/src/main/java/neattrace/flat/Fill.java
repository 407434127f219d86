package neattrace.flat;

import neattrace.geom.Point;

/**
 * A decision to colour an area. The area is held by a point in it, so that the decision outlives a
 * new trace.
 *
 * @param anchor a point inside the area, mm
 * @param swatch id of the swatch, or {@link #PAPER}
 */
public record Fill(Point anchor, int swatch) {

    /** Stands for "meant to stay bare paper". */
    public static final int PAPER = 0;
}
