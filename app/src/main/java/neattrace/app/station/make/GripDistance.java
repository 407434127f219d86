package neattrace.app.station.make;

import java.util.List;
import neattrace.geom.Point;
import neattrace.goods.made.Grip;

/** How near the mouse is to a part of finished goods. */
final class GripDistance {

    private GripDistance() {}

    /** In px; 0 within what is closed. */
    static double px(Grip grip, PagesLayout layout, Point at) {
        List<Point> outline = grip.outline();
        double least = layout.seen(grip.page(), grip.at()).distance(at);
        int n = outline.size();
        boolean inside = false;
        for (int i = 0; i < n; i++) {
            if (i == n - 1 && !grip.closed()) {
                break;
            }
            Point from = layout.seen(grip.page(), outline.get(i));
            Point to = layout.seen(grip.page(), outline.get((i + 1) % n));
            least = Math.min(least, away(at, from, to));
            boolean crosses =
                    from.y() > at.y() != to.y() > at.y()
                            && at.x()
                                    < (to.x() - from.x())
                                                    * (at.y() - from.y())
                                                    / (to.y() - from.y())
                                            + from.x();
            inside ^= crosses;
        }
        return inside && grip.closed() && grip.move().isPresent() ? 0 : least;
    }

    private static double away(Point at, Point from, Point to) {
        Point along = to.minus(from);
        double square = along.dot(along);
        double share = square == 0 ? 0 : at.minus(from).dot(along) / square;
        return at.distance(from.plus(along.times(Math.max(0, Math.min(1, share)))));
    }
}
