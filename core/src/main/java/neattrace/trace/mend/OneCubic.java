package neattrace.trace.mend;

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
    private static final int ROUNDS = 12;

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
        double[] t = new double[places.length];
        for (int k = 0; k < t.length; k++) {
            t[k] = total == 0 ? 0 : way[k] / total;
        }
        CubicPath path = null;
        for (int round = 0; round < ROUNDS; round++) {
            double[] arms = arms(places, t, start, end, out, in);
            boolean sane = arms[0] > 0 && arms[1] > 0 && arms[0] < total && arms[1] < total;
            Point one = start.plus(out.times(sane ? arms[0] : total / 3));
            Point two = end.plus(in.times(sane ? arms[1] : total / 3));
            path =
                    CubicPath.of(
                            new double[] {
                                start.x(), start.y(), one.x(), one.y(),
                                two.x(), two.y(), end.x(), end.y()
                            },
                            new BitSet());
            for (int k = 1; k < t.length - 1; k++) {
                t[k] = nearer(path, places[k], t[k]);
            }
        }
        return path;
    }

    /** A step towards the parameter nearest to a place (Newton's, with chords for slopes). */
    private static double nearer(CubicPath path, Point place, double t) {
        double h = 1e-4;
        double low = Math.max(0, t - h);
        double high = Math.min(1, t + h);
        Point slope = path.at(0, high).minus(path.at(0, low)).times(1 / (high - low));
        double square = slope.dot(slope);
        double step = square == 0 ? 0 : place.minus(path.at(0, t)).dot(slope) / square;
        return Math.max(0, Math.min(1, t + step));
    }

    private static Point direction(Point arm, Point chord) {
        return arm.length() > 1e-9 ? arm.unit() : chord.unit();
    }

    private static double[] arms(
            Point[] places, double[] params, Point start, Point end, Point out, Point in) {
        double xx = 0;
        double xy = 0;
        double yy = 0;
        double bx = 0;
        double by = 0;
        for (int k = 0; k < places.length; k++) {
            double t = params[k];
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
