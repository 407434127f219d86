package neattrace.goods.page;

import neattrace.geom.Point;
import org.locationtech.jts.geom.Polygon;

/**
 * Free paper that lines enclose.
 *
 * @param label of the drawing's area; -1 for a fleck too small to be one
 * @param paper mm on the drawing's page
 * @param middle of the largest circle that fits in
 * @param radiusMm of that circle
 * @param swatch id of its colour; 0 if it is bare
 */
public record PageArea(int label, Polygon paper, Point middle, double radiusMm, int swatch) {

    /** How much paper it is, mm2 on the drawing's page. */
    public double squareMm() {
        return paper.getArea();
    }

    /**
     * Whether no circle fits in.
     *
     * @param acrossMm the circle's width on the finished thing
     * @param factor how many times as large as the page it comes out
     */
    public boolean isSmall(double acrossMm, double factor) {
        return 2 * radiusMm * factor < acrossMm;
    }
}
