package neattrace.export.svg;

import neattrace.geom.CubicLoop;
import neattrace.geom.CubicPath;
import neattrace.geom.Point;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Path data with absolute commands. */
final class SvgPath {

    private SvgPath() {}

    static void append(StringBuilder path, CubicLoop loop) {
        pair(path, 'M', loop.point(0));
        for (int i = 0; i < loop.size(); i++) {
            if (loop.isStraight(i)) {
                if (i < loop.size() - 1) {
                    pair(path, 'L', loop.point(i + 1));
                }
                continue;
            }
            pair(path, 'C', loop.control(i, 0));
            pair(path, ' ', loop.control(i, 1));
            pair(path, ' ', loop.point(i + 1));
        }
        path.append('Z');
    }

    static void append(StringBuilder path, CubicPath open) {
        pair(path, 'M', open.point(0));
        for (int i = 0; i < open.size(); i++) {
            if (open.isStraight(i)) {
                pair(path, 'L', open.point(i + 1));
            } else {
                pair(path, 'C', open.control(i, 0));
                pair(path, ' ', open.control(i, 1));
                pair(path, ' ', open.point(i + 1));
            }
        }
    }

    static void append(StringBuilder path, Geometry geometry) {
        if (geometry instanceof Polygon polygon) {
            ring(path, polygon.getExteriorRing());
            for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
                ring(path, polygon.getInteriorRingN(i));
            }
        }
    }

    private static void ring(StringBuilder path, LinearRing ring) {
        CoordinateSequence points = ring.getCoordinateSequence();
        for (int i = 0; i < points.size() - 1; i++) {
            pair(path, i == 0 ? 'M' : 'L', new Point(points.getX(i), points.getY(i)));
        }
        path.append('Z');
    }

    private static void pair(StringBuilder path, char command, Point point) {
        path.append(command);
        SvgNumber.append(path, point.x());
        path.append(' ');
        SvgNumber.append(path, point.y());
    }
}
