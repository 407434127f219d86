package neattrace.export;

import java.io.IOException;
import neattrace.geom.CubicLoop;
import neattrace.geom.CubicSegments;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Path operators for loops and polygons, in mm. */
final class PdfPath {

    private PdfPath() {}

    static void append(PDPageContentStream content, Outline outline) throws IOException {
        for (CubicLoop loop : outline.loops().toList()) {
            append(content, loop);
        }
    }

    private static void append(PDPageContentStream content, CubicLoop loop) throws IOException {
        append(content, loop, true);
    }

    static void append(PDPageContentStream content, CubicSegments path, boolean closed)
            throws IOException {
        Point start = path.point(0);
        content.moveTo((float) start.x(), (float) start.y());
        for (int i = 0; i < path.size(); i++) {
            Point end = path.point(i + 1);
            if (path.isStraight(i)) {
                content.lineTo((float) end.x(), (float) end.y());
                continue;
            }
            Point first = path.control(i, 0);
            Point second = path.control(i, 1);
            content.curveTo(
                    (float) first.x(),
                    (float) first.y(),
                    (float) second.x(),
                    (float) second.y(),
                    (float) end.x(),
                    (float) end.y());
        }
        if (closed) {
            content.closePath();
        }
    }

    static void append(PDPageContentStream content, Geometry geometry) throws IOException {
        if (geometry instanceof Polygon polygon) {
            ring(content, polygon.getExteriorRing());
            for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
                ring(content, polygon.getInteriorRingN(i));
            }
            return;
        }
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            append(content, geometry.getGeometryN(i));
        }
    }

    private static void ring(PDPageContentStream content, LinearRing ring) throws IOException {
        CoordinateSequence points = ring.getCoordinateSequence();
        content.moveTo((float) points.getX(0), (float) points.getY(0));
        for (int i = 1; i < points.size() - 1; i++) {
            content.lineTo((float) points.getX(i), (float) points.getY(i));
        }
        content.closePath();
    }
}
