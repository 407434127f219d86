package neattrace.goods.cut;

import java.util.List;
import neattrace.geom.Point;
import org.locationtech.jts.densify.Densifier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.CoordinateSequenceFilter;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Takes the edge of a body along to where it was pulled by hand. */
final class Pulling {

    /** Between two corners so far apart it is straight, mm. */
    private static final double STEP_MM = 0.4;

    private Pulling() {}

    /**
     * The body pulled; nowhere does it leave anything of the silhouette out.
     *
     * @param radius no curve is tighter, mm
     */
    static Geometry apply(Geometry body, Geometry silhouette, List<Pull> pulls, double radius) {
        Geometry pulled = body;
        for (Pull pull : pulls) {
            pulled = along(pulled, pull).buffer(0);
        }
        if (pulls.isEmpty()) {
            return body;
        }
        Geometry whole = OverlayNGRobust.overlay(pulled, silhouette, OverlayNG.UNION);
        return BladeRules.opened(BladeRules.closed(whole, radius), radius);
    }

    private static Point nearest(Geometry body, Point to) {
        Coordinate at = new Coordinate(to.x(), to.y());
        Coordinate near =
                DistanceOp.nearestPoints(body.getBoundary(), body.getFactory().createPoint(at))[0];
        return new Point(near.x, near.y);
    }

    private static Geometry along(Geometry body, Pull pull) {
        if (body.isEmpty()) {
            return body;
        }
        Geometry moved = Densifier.densify(body, STEP_MM);
        // The line may lie elsewhere than when it was taken, as with another border: what is
        // nearest to it now goes where it was pulled.
        Point from = nearest(body, pull.from());
        Point by = pull.to().minus(from);
        double reach = new Pull(from, pull.to()).reachMm();
        moved.apply(
                new CoordinateSequenceFilter() {
                    @Override
                    public void filter(CoordinateSequence at, int i) {
                        Point here = new Point(at.getX(i), at.getY(i));
                        double away = here.distance(from) / reach;
                        if (away < 1) {
                            double share = (1 - away * away) * (1 - away * away);
                            at.setOrdinate(i, 0, here.x() + share * by.x());
                            at.setOrdinate(i, 1, here.y() + share * by.y());
                        }
                    }

                    @Override
                    public boolean isDone() {
                        return false;
                    }

                    @Override
                    public boolean isGeometryChanged() {
                        return true;
                    }
                });
        return moved;
    }
}
