package neattrace.trace.mend;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import neattrace.trace.centre.PenTrack;

/** Curves that lead lines on, and tracks along them. */
final class Curves {

    private Curves() {}

    /** A curve from one place and direction to another, a pixel apart. */
    static List<Point> hermite(Point from, Point out, Point to, Point in) {
        double reach = from.distance(to);
        int pieces = (int) Math.max(2, Math.ceil(reach / 1));
        List<Point> curve = new ArrayList<>();
        for (int k = 0; k <= pieces; k++) {
            double t = (double) k / pieces;
            double tt = t * t;
            double ttt = tt * t;
            curve.add(
                    from.times(2 * ttt - 3 * tt + 1)
                            .plus(out.times(reach * (ttt - 2 * tt + t)))
                            .plus(to.times(3 * tt - 2 * ttt))
                            .plus(in.times(reach * (ttt - tt))));
        }
        return curve;
    }

    /** A straight line, a pixel apart. */
    static List<Point> straight(Point from, Point to) {
        Point along = to.minus(from).unit();
        return hermite(from, along, to, along);
    }

    /** A track along a curve whose width runs evenly through the given widths. */
    static PenTrack track(List<Point> curve, double[] widths) {
        int n = curve.size();
        double[] x = new double[n];
        double[] y = new double[n];
        double[] wide = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = curve.get(i).x();
            y[i] = curve.get(i).y();
            double place = n == 1 ? 0 : (double) i / (n - 1) * (widths.length - 1);
            int k = (int) Math.min(widths.length - 2.0, Math.floor(place));
            double share = place - k;
            wide[i] = widths[k] * (1 - share) + widths[k + 1] * share;
        }
        return new PenTrack(x, y, wide);
    }
}
