package neattrace.goods.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** The long straight edges of a shape: laid along one another, they leave nothing between them. */
final class LongEdges {

    /** So straight is straight, mm. */
    private static final double STRAIGHT_MM = 0.1;

    /** Shorter edges are not worth turning for, share of the way round. */
    private static final double LONG = 0.1;

    private static final int MOST = 5;

    private LongEdges() {}

    /** Where they run, degrees, with the shape on the same side of each; the longest first. */
    static double[] directions(Polygon shape) {
        Geometry plain =
                DouglasPeuckerSimplifier.simplify(
                        shape.getFactory().createPolygon(shape.getExteriorRing()), STRAIGHT_MM);
        if (!(plain instanceof Polygon polygon) || plain.isEmpty()) {
            return new double[0];
        }
        Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
        double half = Orientation.isCCW(ring) ? 0 : 180;
        double least = LONG * polygon.getLength();
        record Edge(double length, double degrees) {}
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i + 1 < ring.length; i++) {
            double length = ring[i].distance(ring[i + 1]);
            if (length >= least) {
                double way = Math.atan2(ring[i + 1].y - ring[i].y, ring[i + 1].x - ring[i].x);
                edges.add(new Edge(length, Math.toDegrees(way) + half));
            }
        }
        edges.sort(Comparator.comparingDouble(edge -> -edge.length()));
        return edges.stream().limit(MOST).mapToDouble(Edge::degrees).toArray();
    }
}
