package neattrace.trace.mend;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import neattrace.trace.track.PenTrack;

/** Makes a smooth path of what a hand drew. */
final class Freehand {

    private static final double STEP_PX = 1;

    /** A hand's tremor is evened out over this share of the line to each side. */
    private static final double SHARE = 0.04;

    private static final int PASSES = 3;

    private Freehand() {}

    /** Places a pixel apart along the smoothed line; both ends stay. */
    static List<Point> smoothed(List<Point> drawn) {
        List<Point> even = even(drawn);
        int reach = (int) Math.max(1, Math.min(60, SHARE * even.size()));
        for (int pass = 0; pass < PASSES; pass++) {
            even = mean(even, reach);
        }
        return even;
    }

    static List<Point> even(List<Point> line) {
        List<Point> even = new ArrayList<>();
        even.add(line.get(0));
        double left = STEP_PX;
        for (int i = 1; i < line.size(); i++) {
            Point from = line.get(i - 1);
            Point to = line.get(i);
            double length = from.distance(to);
            double at = left;
            while (at < length) {
                even.add(from.plus(to.minus(from).times(at / length)));
                at += STEP_PX;
            }
            left = at - length;
        }
        Point end = line.get(line.size() - 1);
        if (even.get(even.size() - 1).distance(end) > STEP_PX / 4) {
            even.add(end);
        }
        return even;
    }

    private static List<Point> mean(List<Point> line, int reach) {
        List<Point> mean = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            int k = Math.min(reach, Math.min(i, line.size() - 1 - i));
            Point sum = new Point(0, 0);
            for (int j = i - k; j <= i + k; j++) {
                sum = sum.plus(line.get(j));
            }
            mean.add(sum.times(1.0 / (2 * k + 1)));
        }
        return mean;
    }

    /** A curve from one place and direction to another, a pixel apart. */
    static List<Point> hermite(Point from, Point out, Point to, Point in) {
        double reach = from.distance(to);
        int pieces = (int) Math.max(2, Math.ceil(reach / STEP_PX));
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
