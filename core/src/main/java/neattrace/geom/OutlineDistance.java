package neattrace.geom;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.hprtree.HPRtree;

/**
 * How far two drawings' outlines lie apart, measured both ways: every quarter of a unit along each
 * to the nearest place on the other.
 *
 * @param mean mean distance
 * @param percentile99 the distance that 99 % of the samples keep
 * @param max the largest; distances beyond {@link #FAR} count as that
 */
public record OutlineDistance(double mean, double percentile99, double max) {

    /** Farther than this is only known to be "far". */
    public static final double FAR = 8;

    private static final double STEP = 0.25;

    /**
     * Measures. Closed polygons, x and y of each vertex, the first not repeated; both in the same
     * unit, usually source px.
     *
     * @throws IllegalArgumentException if either has no polygon
     */
    public static OutlineDistance between(List<double[]> first, List<double[]> second) {
        if (first.isEmpty() || second.isEmpty()) {
            throw new IllegalArgumentException("nothing to measure");
        }
        double[] there = oneWay(first, index(second));
        double[] back = oneWay(second, index(first));
        double[] all = Arrays.copyOf(there, there.length + back.length);
        System.arraycopy(back, 0, all, there.length, back.length);
        Arrays.sort(all);
        return new OutlineDistance(
                Arrays.stream(all).average().orElse(0),
                all[(int) (0.99 * (all.length - 1))],
                all[all.length - 1]);
    }

    /** The rings of polygons, outer and inner. */
    public static List<double[]> rings(Geometry geometry) {
        List<double[]> rings = new ArrayList<>();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            Polygon polygon = (Polygon) geometry.getGeometryN(i);
            rings.add(ring(polygon.getExteriorRing()));
            for (int h = 0; h < polygon.getNumInteriorRing(); h++) {
                rings.add(ring(polygon.getInteriorRingN(h)));
            }
        }
        return rings;
    }

    /** The rings of outlines, as polygons within {@code tolerance} of the curves. */
    public static List<double[]> rings(List<Outline> outlines, double tolerance) {
        return outlines.stream()
                .flatMap(Outline::loops)
                .map(loop -> loop.flatten(tolerance))
                .toList();
    }

    /** The length of all rings together. */
    public static double length(List<double[]> rings) {
        return rings.stream().mapToDouble(OutlineDistance::length).sum();
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

    private static double length(double[] ring) {
        double length = 0;
        for (int i = 0, n = ring.length; i < n; i += 2) {
            length += Math.hypot(ring[(i + 2) % n] - ring[i], ring[(i + 3) % n] - ring[i + 1]);
        }
        return length;
    }

    private static double[] ring(LinearRing ring) {
        double[] xy = new double[2 * (ring.getNumPoints() - 1)];
        for (int i = 0; i < xy.length / 2; i++) {
            xy[2 * i] = ring.getCoordinateN(i).x;
            xy[2 * i + 1] = ring.getCoordinateN(i).y;
        }
        return xy;
    }
}
