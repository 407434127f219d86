package neattrace.goods.stencil;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * Gives a tie its shape: as wide as asked for, each of its sides as long as it is to the piece
 * there. Where a piece is narrower than the tie, the tie ends with it.
 */
final class TieShaper {

    /** Ties reach so far into pieces, mm: edges on the raster are half a pixel off. */
    private static final double INTO_MM = 0.15;

    /** Sides longer than this times the tie's length have missed their piece. */
    private static final double MISSED = 2;

    private static final int LEAST_RAYS = 5;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final SheetRaster raster;
    private final double widthMm;

    TieShaper(SheetRaster raster, double widthMm) {
        this.raster = raster;
        this.widthMm = widthMm;
    }

    /** The tie at a place. */
    Tie shape(Crossing place, boolean byHand) {
        double step = Math.max(1 / raster.pxPerMm(), widthMm / 40);
        int rays = Math.max(LEAST_RAYS, 1 + 2 * (int) Math.ceil(widthMm / 2 / step));
        double[] ahead = new double[rays];
        double[] behind = new double[rays];
        boolean alone =
                reach(place, place.along(), place.other(), ahead)
                        & reach(place, place.along().times(-1), place.one(), behind);
        Point across = new Point(-place.along().y(), place.along().x());
        List<Coordinate> ring = new ArrayList<>();
        double area = 0;
        for (int k = 0; k < rays; k++) {
            ring.add(end(place, across, offset(k, rays), ahead[k] + INTO_MM));
            area += (ahead[k] + behind[k]) * widthMm / rays;
        }
        for (int k = rays - 1; k >= 0; k--) {
            ring.add(end(place, across, offset(k, rays), -behind[k] - INTO_MM));
        }
        ring.add(ring.get(0).copy());
        Polygon shape = FACTORY.createPolygon(ring.toArray(Coordinate[]::new));
        return new Tie(
                place.one(),
                place.other(),
                place.middle(),
                place.lengthMm(),
                widthMm,
                shape,
                area,
                alone,
                byHand);
    }

    private double offset(int ray, int rays) {
        return widthMm * ((double) ray / (rays - 1) - 0.5);
    }

    private static Coordinate end(Crossing place, Point across, double offset, double away) {
        Point at = place.middle().plus(across.times(offset)).plus(place.along().times(away));
        return new Coordinate(at.x(), at.y());
    }

    /**
     * How far each ray runs until it meets the piece. Those that miss it end with the longest that
     * does not.
     *
     * @return whether no other piece was met
     */
    private boolean reach(Crossing place, Point way, int piece, double[] reach) {
        double most = MISSED * place.lengthMm() + widthMm;
        Point across = new Point(-place.along().y(), place.along().x());
        boolean alone = true;
        double longest = place.lengthMm() / 2;
        for (int k = 0; k < reach.length; k++) {
            Point from = place.middle().plus(across.times(offset(k, reach.length)));
            reach[k] = -1;
            for (double s = 0; s <= most; s += 0.5 / raster.pxPerMm()) {
                int met = raster.pieceAt(from.x() + s * way.x(), from.y() + s * way.y());
                if (met != -1) {
                    alone &= met == piece;
                    reach[k] = met == piece ? s : -1;
                    break;
                }
            }
            longest = Math.max(longest, reach[k]);
        }
        for (int k = 0; k < reach.length; k++) {
            reach[k] = reach[k] < 0 ? longest : reach[k];
        }
        return alone;
    }
}
