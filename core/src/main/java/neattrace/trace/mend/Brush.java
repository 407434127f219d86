package neattrace.trace.mend;

import java.util.List;
import neattrace.geom.Point;

/** How strongly a round brush with a soft rim works at a place. */
final class Brush {

    private Brush() {}

    /** 1 in the middle of the brush's track, falling smoothly to 0 at the radius. */
    static double strength(Point place, List<Point> track, double radius) {
        double least = radius * radius;
        for (Point at : track) {
            double dx = at.x() - place.x();
            double dy = at.y() - place.y();
            least = Math.min(least, dx * dx + dy * dy);
        }
        double share = Math.sqrt(least) / radius;
        return share >= 1 ? 0 : 0.5 + 0.5 * Math.cos(Math.PI * share);
    }
}
