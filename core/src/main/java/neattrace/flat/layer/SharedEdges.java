package neattrace.flat.layer;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.function.IntPredicate;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;

/**
 * Which pieces meet along which edges. Pieces are disjoint and neighbours share their edges'
 * points. Time and space grow with the points of all pieces.
 */
public final class SharedEdges {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final List<MultiPolygon> pieces;
    private final Map<Edge, int[]> sides = new HashMap<>();

    /** An edge, its lesser end first. */
    private record Edge(double ax, double ay, double bx, double by) {

        static Edge of(double ax, double ay, double bx, double by) {
            boolean turn = ax > bx || ax == bx && ay > by;
            return turn ? new Edge(bx, by, ax, ay) : new Edge(ax, ay, bx, by);
        }

        double length() {
            return Math.hypot(bx - ax, by - ay);
        }
    }

    /**
     * Two pieces that meet.
     *
     * @param a number of one
     * @param b number of the other, greater
     * @param lengthMm along how much
     */
    public record Meeting(int a, int b, double lengthMm) {}

    private SharedEdges(List<MultiPolygon> pieces) {
        this.pieces = pieces;
        for (int i = 0; i < pieces.size(); i++) {
            int piece = i;
            edges(
                    pieces.get(i),
                    edge -> sides.merge(edge, new int[] {piece, -1}, SharedEdges::both));
        }
    }

    private static int[] both(int[] known, int[] next) {
        return new int[] {known[0], next[0]};
    }

    /** The edges of pieces. */
    public static SharedEdges of(List<MultiPolygon> pieces) {
        return new SharedEdges(List.copyOf(pieces));
    }

    /** All that meet, by their numbers. */
    public List<Meeting> meetings() {
        Map<Long, Double> lengths = new TreeMap<>();
        sides.forEach(
                (edge, both) -> {
                    int a = Math.min(both[0], both[1]);
                    int b = Math.max(both[0], both[1]);
                    if (a >= 0 && a != b) {
                        lengths.merge((long) a << 32 | b, edge.length(), Double::sum);
                    }
                });
        List<Meeting> meetings = new ArrayList<>();
        lengths.forEach(
                (key, length) ->
                        meetings.add(new Meeting((int) (key >> 32), key.intValue(), length)));
        return meetings;
    }

    /** Along how much each piece meets no other, mm. */
    public double[] open() {
        double[] lengths = new double[pieces.size()];
        sides.forEach(
                (edge, both) -> {
                    if (both[1] < 0 || both[0] < 0) {
                        lengths[Math.max(both[0], both[1])] += edge.length();
                    }
                });
        return lengths;
    }

    /** The edges that a piece shares with wanted others, by their numbers. */
    Map<Integer, List<LineString>> around(int piece, IntPredicate wanted) {
        Map<Integer, List<LineString>> shared = new TreeMap<>();
        edges(
                pieces.get(piece),
                edge -> {
                    int[] both = sides.get(edge);
                    int other = both[0] == piece ? both[1] : both[0];
                    if (other >= 0 && wanted.test(other)) {
                        shared.computeIfAbsent(other, id -> new ArrayList<>()).add(line(edge));
                    }
                });
        return shared;
    }

    private static LineString line(Edge edge) {
        return FACTORY.createLineString(
                new Coordinate[] {
                    new Coordinate(edge.ax, edge.ay), new Coordinate(edge.bx, edge.by)
                });
    }

    private static void edges(MultiPolygon shape, Consumer<Edge> each) {
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            Polygon polygon = (Polygon) shape.getGeometryN(i);
            edges(polygon.getExteriorRing(), each);
            for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
                edges(polygon.getInteriorRingN(hole), each);
            }
        }
    }

    private static void edges(LinearRing ring, Consumer<Edge> each) {
        CoordinateSequence at = ring.getCoordinateSequence();
        for (int i = 0; i + 1 < at.size(); i++) {
            each.accept(Edge.of(at.getX(i), at.getY(i), at.getX(i + 1), at.getY(i + 1)));
        }
    }
}
