package neattrace.trace.mend;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.CubicPath;
import neattrace.geom.Point;
import neattrace.trace.PointEdit;

/** Loops with one point changed. */
final class LoopPoints {

    private static final int SEARCH = 24;

    private LoopPoints() {}

    /** Start, two controls and whether it is straight, for each segment. */
    private record Segment(Point start, Point first, Point second, boolean straight) {}

    private static List<Segment> segments(CubicLoop loop) {
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i < loop.size(); i++) {
            segments.add(
                    new Segment(
                            loop.point(i),
                            loop.control(i, 0),
                            loop.control(i, 1),
                            loop.isStraight(i)));
        }
        return segments;
    }

    private static CubicLoop loop(List<Segment> segments) {
        double[] coords = new double[6 * segments.size()];
        BitSet straight = new BitSet();
        for (int i = 0; i < segments.size(); i++) {
            Segment segment = segments.get(i);
            Point[] three = {segment.start, segment.first, segment.second};
            for (int k = 0; k < 3; k++) {
                coords[6 * i + 2 * k] = three[k].x();
                coords[6 * i + 2 * k + 1] = three[k].y();
            }
            straight.set(i, segment.straight);
        }
        return CubicLoop.of(coords, straight);
    }

    static CubicLoop moved(CubicLoop loop, int point, PointEdit.Move move) {
        List<Segment> segments = segments(loop);
        int n = segments.size();
        int before = Math.floorMod(point - 1, n);
        Segment in = segments.get(before);
        segments.set(before, new Segment(in.start, in.first, move.in(), false));
        Segment out = segments.get(point);
        segments.set(point, new Segment(move.to(), move.out(), out.second, false));
        return loop(segments);
    }

    /** The parameter of segment {@code i} nearest to a place. */
    static double nearest(CubicLoop loop, int i, Point at) {
        double best = 0;
        double least = Double.MAX_VALUE;
        for (int k = 0; k <= SEARCH; k++) {
            double away = loop.at(i, (double) k / SEARCH).distance(at);
            if (away < least) {
                least = away;
                best = (double) k / SEARCH;
            }
        }
        double step = 1.0 / SEARCH;
        while (step > 1e-6) {
            step /= 2;
            for (double t : new double[] {best - step, best + step}) {
                double kept = Math.max(0, Math.min(1, t));
                double away = loop.at(i, kept).distance(at);
                if (away < least) {
                    least = away;
                    best = kept;
                }
            }
        }
        return best;
    }

    static CubicLoop split(CubicLoop loop, int i, Point at) {
        double t = Math.max(0.02, Math.min(0.98, nearest(loop, i, at)));
        List<Segment> segments = segments(loop);
        Segment old = segments.get(i);
        Point end = loop.point(i + 1);
        Point a = mix(old.start, old.first, t);
        Point b = mix(old.first, old.second, t);
        Point c = mix(old.second, end, t);
        Point ab = mix(a, b, t);
        Point bc = mix(b, c, t);
        Point middle = mix(ab, bc, t);
        segments.set(i, new Segment(old.start, a, ab, old.straight));
        segments.add(i + 1, new Segment(middle, bc, c, old.straight));
        return loop(segments);
    }

    private static Point mix(Point from, Point to, double t) {
        return from.plus(to.minus(from).times(t));
    }

    static CubicLoop without(CubicLoop loop, int point) {
        List<Segment> segments = segments(loop);
        int n = segments.size();
        int before = Math.floorMod(point - 1, n);
        Segment in = segments.get(before);
        Segment out = segments.get(point);
        CubicPath one = OneCubic.through(loop, before, point);
        segments.set(
                before,
                new Segment(
                        in.start,
                        one.control(0, 0),
                        one.control(0, 1),
                        in.straight && out.straight));
        segments.remove(point);
        return loop(segments);
    }
}
