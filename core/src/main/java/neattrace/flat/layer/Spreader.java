package neattrace.flat.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
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
    private final SharedEdges shared;

    /** One area of one layer. */
    private record Piece(int layer, MultiPolygon shape) {}

    private Spreader(List<FlatLayer> layers) {
        for (int layer = 0; layer < layers.size(); layer++) {
            for (MultiPolygon shape : layers.get(layer).pieces()) {
                pieces.add(new Piece(layer, shape));
            }
        }
        shared = SharedEdges.of(pieces.stream().map(Piece::shape).toList());
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
        Map<Integer, List<LineString>> above =
                shared.around(index, other -> pieces.get(other).layer > piece.layer);
        if (above.isEmpty()) {
            return piece.shape;
        }
        List<Geometry> parts = new ArrayList<>();
        parts.add(piece.shape);
        above.forEach(
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
}
