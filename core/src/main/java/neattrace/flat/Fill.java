package neattrace.flat;

import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * A decision to colour an area. The area is held by a point in it, so that the decision outlives a
 * new trace.
 *
 * @param anchor a point inside the area, mm
 * @param swatch id of the swatch, or {@link #PAPER}
 */
public record Fill(Point anchor, int swatch) implements OnPage<Fill> {

    /** Stands for "meant to stay bare paper". */
    public static final int PAPER = 0;

    @Override
    public Fill moved(UnaryOperator<Point> map, double growth) {
        return new Fill(map.apply(anchor), swatch);
    }
}
