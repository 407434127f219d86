package neattrace.geom;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.GeometryFixer;

/** Curves as valid polygons of chords. */
public final class OutlinePolygons {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private OutlinePolygons() {}

    /**
     * A piece with its holes.
     *
     * @param tolerance how far chords may lie from curves, in the outline's unit
     * @return a polygon, or several where chords cross
     */
    public static Geometry of(Outline outline, double tolerance) {
        return of(outline.outer(), outline.holes(), tolerance);
    }

    /** The same with some of its holes, or none. */
    public static Geometry of(CubicLoop outer, List<CubicLoop> holes, double tolerance) {
        Polygon polygon =
                FACTORY.createPolygon(
                        ring(outer, tolerance),
                        holes.stream()
                                .map(hole -> ring(hole, tolerance))
                                .toArray(LinearRing[]::new));
        return polygon.isValid() ? polygon : GeometryFixer.fix(polygon);
    }

    /** A loop as chords. */
    public static LinearRing ring(CubicLoop loop, double tolerance) {
        double[] xy = loop.flatten(tolerance);
        List<Coordinate> ring = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            ring.add(new Coordinate(xy[i], xy[i + 1]));
        }
        while (ring.size() < 3) {
            ring.add(ring.get(0).copy());
        }
        ring.add(ring.get(0).copy());
        return FACTORY.createLinearRing(ring.toArray(Coordinate[]::new));
    }
}
