package neattrace.flat.layer;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.linemerge.LineMerger;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Lets lower flats run on beneath upper ones. */
public final class Spreader {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final int QUADRANT = 4;

    private final List<Piece> pieces = new ArrayList<>();

    /** By each edge the pieces to its two sides. */
    private final Map<Edge, int[]> sides = new HashMap<>();

    /** One area of one layer. */
    private record Piece(int layer, MultiPolygon shape) {}

    /** An edge, its lesser end first. */
    private record Edge(double ax, double ay, double bx, double by) {

        static Edge of(double ax, double ay, double bx, double by) {
            boolean turn = ax > bx || ax == bx && ay > by;
            return turn ? new Edge(bx, by, ax, ay) : new Edge(ax, ay, bx, by);
        }
    }

    private Spreader(List<FlatLayer> layers) {
        for (int layer = 0; layer < layers.size(); layer++) {
            for (MultiPolygon shape : layers.get(layer).pieces()) {
                int piece = pieces.size();
                pieces.add(new Piece(layer, shape));
                edges(shape, edge -> sides.merge(edge, new int[] {piece, -1}, Spreader::both));
            }
        }
    }

    private static int[] both(int[] known, int[] next) {
        return new int[] {known[0], next[0]};
    }

    /**
     * The layers with their spread.
     *
     * @param layers disjoint flats, lowest first, whose neighbours share their edges' points
     * @param mm how far colours run on; 0 gives the same layers
     */
    public static List<FlatLayer> spread(List<FlatLayer> layers, double mm) {
        if (mm <= 0) {
            return layers;
        }
        Spreader spreader = new Spreader(layers);
        List<MultiPolygon> grown =
                IntStream.range(0, spreader.pieces.size())
                        .parallel()
                        .mapToObj(piece -> spreader.grown(piece, mm))
                        .toList();
        List<FlatLayer> result = new ArrayList<>();
        int next = 0;
        for (FlatLayer layer : layers) {
            int to = next + layer.pieces().size();
            List<MultiPolygon> own = grown.subList(next, to);
            boolean same = own.equals(layer.pieces());
            Geometry shape = same ? layer.shape() : OverlayNGRobust.union(List.copyOf(own));
            result.add(new FlatLayer(layer.swatch(), shape, own));
            next = to;
        }
        return result;
    }

    private MultiPolygon grown(int index, double mm) {
        Piece piece = pieces.get(index);
        Map<Integer, List<LineString>> shared = new TreeMap<>();
        edges(
                piece.shape,
                edge -> {
                    int[] both = sides.get(edge);
                    int other = both[0] == index ? both[1] : both[0];
                    if (other >= 0 && pieces.get(other).layer > piece.layer) {
                        shared.computeIfAbsent(other, id -> new ArrayList<>()).add(line(edge));
                    }
                });
        if (shared.isEmpty()) {
            return piece.shape;
        }
        List<Geometry> parts = new ArrayList<>();
        parts.add(piece.shape);
        shared.forEach(
                (other, lines) -> {
                    LineMerger merger = new LineMerger();
                    merger.add(lines);
                    // Round ends reach into the corners where three colours meet.
                    Geometry strip =
                            FACTORY.buildGeometry(merger.getMergedLineStrings())
                                    .buffer(mm, QUADRANT, BufferParameters.CAP_ROUND);
                    parts.add(
                            OverlayNGRobust.overlay(
                                    strip, pieces.get(other).shape, OverlayNG.INTERSECTION));
                });
        List<Polygon> polygons = new ArrayList<>();
        for (Object polygon : PolygonExtracter.getPolygons(OverlayNGRobust.union(parts))) {
            polygons.add((Polygon) polygon);
        }
        return FACTORY.createMultiPolygon(polygons.toArray(Polygon[]::new));
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
