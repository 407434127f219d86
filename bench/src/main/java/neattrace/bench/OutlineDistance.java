package neattrace.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.index.hprtree.HPRtree;

/** Distances between two sets of closed polygons, sampled every quarter of a pixel. */
final class OutlineDistance {

    private static final double STEP = 0.25;

    /** Farther than this is only known to be "far". */
    private static final double FAR = 8;

    private OutlineDistance() {}

    /** Sorted distances of samples of each set from the other. */
    static double[] bothWays(List<double[]> first, List<double[]> second) {
        double[] there = oneWay(first, index(second));
        double[] back = oneWay(second, index(first));
        double[] all = Arrays.copyOf(there, there.length + back.length);
        System.arraycopy(back, 0, all, there.length, back.length);
        Arrays.sort(all);
        return all;
    }

    private static HPRtree index(List<double[]> rings) {
        HPRtree tree = new HPRtree();
        for (double[] ring : rings) {
            for (int i = 0, n = ring.length; i < n; i += 2) {
                LineSegment edge =
                        new LineSegment(ring[i], ring[i + 1], ring[(i + 2) % n], ring[(i + 3) % n]);
                tree.insert(new Envelope(edge.p0, edge.p1), edge);
            }
        }
        tree.build();
        return tree;
    }

    private static double[] oneWay(List<double[]> rings, HPRtree tree) {
        return samples(rings).parallelStream().mapToDouble(at -> distance(at, tree)).toArray();
    }

    private static double distance(Coordinate at, HPRtree tree) {
        for (double reach = 0.5; reach <= FAR; reach *= 2) {
            Envelope box = new Envelope(at);
            box.expandBy(reach);
            double[] best = {Double.MAX_VALUE};
            tree.query(box, item -> best[0] = Math.min(best[0], ((LineSegment) item).distance(at)));
            if (best[0] <= reach) {
                return best[0];
            }
        }
        return FAR;
    }

    private static List<Coordinate> samples(List<double[]> rings) {
        List<Coordinate> samples = new ArrayList<>();
        for (double[] ring : rings) {
            for (int i = 0, n = ring.length; i < n; i += 2) {
                double dx = ring[(i + 2) % n] - ring[i];
                double dy = ring[(i + 3) % n] - ring[i + 1];
                int pieces = (int) Math.max(1, Math.ceil(Math.hypot(dx, dy) / STEP));
                for (int k = 0; k < pieces; k++) {
                    samples.add(
                            new Coordinate(
                                    ring[i] + dx * k / pieces, ring[i + 1] + dy * k / pieces));
                }
            }
        }
        return samples;
    }

    static double length(double[] ring) {
        double length = 0;
        for (int i = 0, n = ring.length; i < n; i += 2) {
            length += Math.hypot(ring[(i + 2) % n] - ring[i], ring[(i + 3) % n] - ring[i + 1]);
        }
        return length;
    }

    static double[] ring(LinearRing ring) {
        double[] xy = new double[2 * (ring.getNumPoints() - 1)];
        for (int i = 0; i < xy.length / 2; i++) {
            xy[2 * i] = ring.getCoordinateN(i).x;
            xy[2 * i + 1] = ring.getCoordinateN(i).y;
        }
        return xy;
    }
}
