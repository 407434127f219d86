package neattrace.goods;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.CascadedPolygonUnion;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * What a drawing's ink and all it encloses look like from afar, with an even rim: a buffer (JTS),
 * its holes filled. For pictures; a blade needs more care.
 */
public final class Silhouette {

    /** Of the larger side; finer is not seen in a picture. */
    private static final double FINENESS = 0.001;

    private static final int QUARTER = 12;

    /** Chords of a curve: a quarter of a circle is left by 0.2 % of its radius. */
    private static final int STEPS = 12;

    private Silhouette() {}

    /**
     * The silhouette of outlines.
     *
     * @param rimMm how far it lies from the ink, in the outlines' unit
     * @return closed rings, without a last point that repeats the first
     */
    public static List<List<Point>> of(List<Outline> lines, double rimMm) {
        List<Polygon> pieces = new ArrayList<>();
        GeometryFactory factory = new GeometryFactory();
        double side = 0;
        for (Outline line : lines) {
            double[] box = line.outer().bounds();
            side = Math.max(side, Math.max(box[2], box[3]));
            List<Coordinate> ring = new ArrayList<>();
            for (int i = 0; i < line.outer().size(); i++) {
                for (int k = 0; k < STEPS; k++) {
                    Point at = line.outer().at(i, (double) k / STEPS);
                    ring.add(new Coordinate(at.x(), at.y()));
                }
            }
            ring.add(ring.get(0));
            if (ring.size() > 3) {
                pieces.add(factory.createPolygon(ring.toArray(Coordinate[]::new)));
            }
        }
        if (pieces.isEmpty()) {
            return List.of();
        }
        double fine = FINENESS * side;
        List<Geometry> rims = new ArrayList<>();
        for (Polygon piece : pieces) {
            Geometry plain = DouglasPeuckerSimplifier.simplify(piece, fine);
            rims.add((plain.isEmpty() ? piece : plain).buffer(Math.max(rimMm, fine), QUARTER));
        }
        return rings(CascadedPolygonUnion.union(rims));
    }

    private static List<List<Point>> rings(Geometry shape) {
        List<List<Point>> rings = new ArrayList<>();
        for (int k = 0; k < shape.getNumGeometries(); k++) {
            Polygon polygon = (Polygon) shape.getGeometryN(k);
            Coordinate[] outer = polygon.getExteriorRing().getCoordinates();
            List<Point> ring = new ArrayList<>();
            for (int i = 0; i + 1 < outer.length; i++) {
                ring.add(new Point(outer[i].x, outer[i].y));
            }
            rings.add(ring);
        }
        return rings;
    }
}
