package neattrace.print;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.CubicSegments;
import neattrace.geom.OutlinePolygons;
import neattrace.geom.Point;
import org.locationtech.jts.awt.ShapeReader;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.GeometryFixer;

/** What objects cover as shapes of libraries. */
public final class Shapes {

    /** So many times as large lines are outlined. */
    private static final double FINE = 100;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private Shapes() {}

    /**
     * For Java2D, curves as curves.
     *
     * @throws IllegalArgumentException if it is pixels
     */
    public static Shape toShape(PrintShape shape) {
        if (shape instanceof PrintShape.Filled filled) {
            return toShape(filled.polygons());
        }
        if (shape instanceof PrintShape.Curved curved) {
            return curved.outline().toPath();
        }
        if (shape instanceof PrintShape.Stroked stroked) {
            return outline(stroked);
        }
        throw new IllegalArgumentException("pixels are no shape");
    }

    private static Shape toShape(Geometry polygons) {
        if (polygons.getNumGeometries() == 1) {
            return new ShapeWriter().toShape(polygons.getGeometryN(0));
        }
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        ShapeWriter writer = new ShapeWriter();
        for (int i = 0; i < polygons.getNumGeometries(); i++) {
            path.append(writer.toShape(polygons.getGeometryN(i)), false);
        }
        return path;
    }

    /**
     * As valid polygons.
     *
     * @param toleranceMm how far chords may lie from curves
     * @throws IllegalArgumentException if it is pixels
     */
    public static List<Polygon> toPolygons(PrintShape shape, double toleranceMm) {
        Geometry polygons;
        if (shape instanceof PrintShape.Filled filled) {
            polygons = filled.polygons();
        } else if (shape instanceof PrintShape.Curved curved) {
            polygons = OutlinePolygons.of(curved.outline(), toleranceMm);
        } else {
            polygons = GeometryFixer.fix(ShapeReader.read(toShape(shape), toleranceMm, FACTORY));
        }
        List<Polygon> all = new ArrayList<>();
        for (int i = 0; i < polygons.getNumGeometries(); i++) {
            if (polygons.getGeometryN(i) instanceof Polygon one && !one.isEmpty()) {
                all.add(one);
            }
        }
        return all;
    }

    /** A line as wide as it is drawn. */
    private static Shape outline(PrintShape.Stroked stroked) {
        CubicSegments path = stroked.path();
        Path2D line = new Path2D.Double();
        line.moveTo(path.point(0).x(), path.point(0).y());
        for (int i = 0; i < path.size(); i++) {
            Point first = path.control(i, 0);
            Point second = path.control(i, 1);
            Point end = path.point(i + 1);
            line.curveTo(first.x(), first.y(), second.x(), second.y(), end.x(), end.y());
        }
        if (stroked.closed()) {
            line.closePath();
        }
        // Java2D's strokes are exact to a tenth of a unit: a hundredth of a mm is wanted.
        float width = (float) (FINE * stroked.widthMm());
        Shape wide =
                new BasicStroke(width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                        .createStrokedShape(
                                AffineTransform.getScaleInstance(FINE, FINE)
                                        .createTransformedShape(line));
        return AffineTransform.getScaleInstance(1 / FINE, 1 / FINE).createTransformedShape(wide);
    }
}
