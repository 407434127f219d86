package neattrace.trace.point;

import java.util.BitSet;
import neattrace.geom.CubicLoop;
import neattrace.geom.CubicPath;
import neattrace.geom.Point;

/**
 * One cubic for two that follow each other: the directions at its ends stay, its arms are found by
 * least squares over places along both (P. Schneider, <i>Graphics Gems</i>, 1990).
 */
final class OneCubic {

    private static final int PLACES = 16;

    private OneCubic() {}

    static CubicPath through(CubicLoop loop, int first, int second) {
        Point start = loop.point(first);
        Point end = loop.point(second + 1);
        Point out = direction(loop.control(first, 0).minus(start), end.minus(start));
        Point in = direction(loop.control(second, 1).minus(end), start.minus(end));
        Point[] places = new Point[2 * PLACES + 1];
        double[] way = new double[places.length];
        for (int k = 0; k < places.length; k++) {
            boolean later = k > PLACES;
            double t = (double) (later ? k - PLACES : k) / PLACES;
            places[k] = loop.at(later ? second : first, t);
            way[k] = k == 0 ? 0 : way[k - 1] + places[k].distance(places[k - 1]);
        }
        double total = way[way.length - 1];
        double[] arms = arms(places, way, start, end, out, in);
        boolean sane = arms[0] > 0 && arms[1] > 0 && arms[0] < total && arms[1] < total;
        double a = sane ? arms[0] : total / 3;
        double b = sane ? arms[1] : total / 3;
        Point one = start.plus(out.times(a));
        Point two = end.plus(in.times(b));
        return CubicPath.of(
                new double[] {
                    start.x(), start.y(), one.x(), one.y(), two.x(), two.y(), end.x(), end.y()
                },
                new BitSet());
    }

    private static Point direction(Point arm, Point chord) {
        return arm.length() > 1e-9 ? arm.unit() : chord.unit();
    }

    private static double[] arms(
            Point[] places, double[] way, Point start, Point end, Point out, Point in) {
        double xx = 0;
        double xy = 0;
        double yy = 0;
        double bx = 0;
        double by = 0;
        double total = way[way.length - 1];
        for (int k = 0; k < places.length; k++) {
            double t = total == 0 ? 0 : way[k] / total;
            double s = 1 - t;
            Point a = out.times(3 * s * s * t);
            Point b = in.times(3 * s * t * t);
            Point rest =
                    places[k]
                            .minus(start.times(s * s * s + 3 * s * s * t))
                            .minus(end.times(t * t * t + 3 * s * t * t));
            xx += a.dot(a);
            xy += a.dot(b);
            yy += b.dot(b);
            bx += a.dot(rest);
            by += b.dot(rest);
        }
        double determinant = xx * yy - xy * xy;
        return new double[] {(yy * bx - xy * by) / determinant, (xx * by - xy * bx) / determinant};
    }
}
