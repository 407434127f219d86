package neattrace.goods.cut;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.OutlinePolygons;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** The silhouette of what is printed, as polygons. */
public final class PrintedShape {

    /** Chords keep within so much of curves, and corners finer are left out, mm. */
    private static final double FINE_MM = 0.006;

    private PrintedShape() {}

    /**
     * The union of ink, coloured areas and, if wanted, the paper they enclose.
     *
     * @param lines ink, mm
     * @param flats coloured areas, mm
     * @param enclosed whether paper that ink or colour enclose belongs to it
     * @return valid polygons, mm; empty for nothing
     */
    public static Geometry of(List<Outline> lines, List<Geometry> flats, boolean enclosed) {
        GeometryFactory factory = new GeometryFactory();
        List<Geometry> pieces = new ArrayList<>();
        for (Outline line : lines) {
            List<CubicLoop> holes = enclosed ? List.of() : line.holes();
            add(OutlinePolygons.of(line.outer(), holes, FINE_MM), pieces);
        }
        flats.forEach(flat -> add(flat, pieces));
        if (pieces.isEmpty()) {
            return factory.createMultiPolygon();
        }
        Geometry union = OverlayNGRobust.union(factory.buildGeometry(pieces));
        return enclosed ? filled(union) : union;
    }

    private static void add(Geometry shape, List<Geometry> pieces) {
        for (Object one : PolygonExtracter.getPolygons(shape)) {
            Geometry plain = DouglasPeuckerSimplifier.simplify((Polygon) one, FINE_MM);
            if (!plain.isEmpty()) {
                pieces.add(plain);
            }
        }
    }

    /** A ring of chords as a loop. */
    public static CubicLoop loop(LineString ring) {
        Coordinate[] at = ring.getCoordinates();
        double[] xy = new double[2 * (at.length - 1)];
        for (int i = 0; i + 1 < at.length; i++) {
            xy[2 * i] = at[i].x;
            xy[2 * i + 1] = at[i].y;
        }
        return CubicLoop.polygon(xy);
    }

    /** The same without holes. */
    static Geometry filled(Geometry shape) {
        List<Geometry> polygons = new ArrayList<>();
        for (Object one : PolygonExtracter.getPolygons(shape)) {
            polygons.add(shape.getFactory().createPolygon(((Polygon) one).getExteriorRing()));
        }
        return polygons.isEmpty()
                ? shape
                : OverlayNGRobust.union(shape.getFactory().buildGeometry(polygons));
    }
}
