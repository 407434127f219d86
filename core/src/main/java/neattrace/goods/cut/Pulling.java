package neattrace.goods.cut;

import java.util.List;
import neattrace.geom.Point;
import org.locationtech.jts.densify.Densifier;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.CoordinateSequenceFilter;
import org.locationtech.jts.geom.Geometry;
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

    private static Geometry along(Geometry body, Pull pull) {
        Geometry moved = Densifier.densify(body, STEP_MM);
        Point by = pull.to().minus(pull.from());
        double reach = pull.reachMm();
        moved.apply(
                new CoordinateSequenceFilter() {
                    @Override
                    public void filter(CoordinateSequence at, int i) {
                        Point here = new Point(at.getX(i), at.getY(i));
                        double away = here.distance(pull.from()) / reach;
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
