package neattrace.standin.pen;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;

/** Smooth curves through points. A point given twice in a row is a corner. */
final class Spline {

    /** Distance of the samples, mm. */
    private static final double STEP_MM = 0.45;

    /** Pieces of a straight span, so that its width can swell in the middle. */
    private static final int STRAIGHT_PIECES = 3;

    private Spline() {}

    /**
     * Samples of the curve through x, y pairs; a closed one repeats its first sample at the end.
     */
    static List<Coordinate> through(double[] xy, boolean closed) {
        List<Coordinate> points = new ArrayList<>();
        List<Boolean> corner = new ArrayList<>();
        for (int i = 0; i + 1 < xy.length; i += 2) {
            Coordinate point = new Coordinate(xy[i], xy[i + 1]);
            int last = points.size() - 1;
            if (last >= 0 && points.get(last).equals2D(point)) {
                corner.set(last, true);
            } else {
                points.add(point);
                corner.add(false);
            }
        }
        int n = points.size();
        List<Coordinate> samples = new ArrayList<>();
        int spans = closed ? n : n - 1;
        for (int i = 0; i < spans; i++) {
            Coordinate from = points.get(i);
            Coordinate to = points.get((i + 1) % n);
            boolean startsFree = corner.get(i) || !closed && i == 0;
            boolean endsFree = corner.get((i + 1) % n) || !closed && i == n - 2;
            Coordinate before = startsFree ? mirror(from, to) : points.get((i + n - 1) % n);
            Coordinate after = endsFree ? mirror(to, from) : points.get((i + 2) % n);
            boolean straight = startsFree && endsFree;
            int pieces =
                    straight
                            ? STRAIGHT_PIECES
                            : (int) Math.max(1, Math.ceil(from.distance(to) / STEP_MM));
            for (int k = 0; k < pieces; k++) {
                samples.add(at(before, from, to, after, (double) k / pieces));
            }
        }
        samples.add(closed ? samples.get(0).copy() : points.get(n - 1));
        return samples;
    }

    private static Coordinate mirror(Coordinate centre, Coordinate other) {
        return new Coordinate(2 * centre.x - other.x, 2 * centre.y - other.y);
    }

    /** Barry and Goldman's pyramid with centripetal knots. */
    private static Coordinate at(
            Coordinate p0, Coordinate p1, Coordinate p2, Coordinate p3, double share) {
        double t1 = Math.sqrt(Math.max(1e-9, p0.distance(p1)));
        double t2 = t1 + Math.sqrt(Math.max(1e-9, p1.distance(p2)));
        double t3 = t2 + Math.sqrt(Math.max(1e-9, p2.distance(p3)));
        double t = t1 + share * (t2 - t1);
        Coordinate a1 = mix(p0, p1, t / t1);
        Coordinate a2 = mix(p1, p2, (t - t1) / (t2 - t1));
        Coordinate a3 = mix(p2, p3, (t - t2) / (t3 - t2));
        Coordinate b1 = mix(a1, a2, t / t2);
        Coordinate b2 = mix(a2, a3, (t - t1) / (t3 - t1));
        return mix(b1, b2, (t - t1) / (t2 - t1));
    }

    private static Coordinate mix(Coordinate a, Coordinate b, double share) {
        return new Coordinate(a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share);
    }
}
