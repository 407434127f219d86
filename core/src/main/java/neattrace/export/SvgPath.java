package neattrace.export;

import java.util.Optional;
import neattrace.geom.Arc;
import neattrace.geom.CubicLoop;
import neattrace.geom.CubicPath;
import neattrace.geom.CubicSegments;
import neattrace.geom.Point;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Path data with absolute commands. */
final class SvgPath {

    private SvgPath() {}

    static void append(StringBuilder path, CubicSegments segments) {
        if (segments instanceof CubicLoop loop) {
            append(path, loop);
        } else {
            append(path, (CubicPath) segments);
        }
    }

    private static void append(StringBuilder path, CubicLoop loop) {
        pair(path, 'M', loop.point(0));
        int last = loop.size() - 1;
        int drawn = loop.isStraight(last) ? last : last + 1;
        segments(path, loop, drawn);
        path.append('Z');
    }

    private static void append(StringBuilder path, CubicPath open) {
        pair(path, 'M', open.point(0));
        segments(path, open, open.size());
    }

    private static void segments(StringBuilder path, CubicSegments segments, int count) {
        for (int i = 0; i < count; i++) {
            Point end = segments.point(i + 1);
            Optional<Arc> arc = segments.arc(i);
            if (segments.isStraight(i)) {
                pair(path, 'L', end);
            } else if (arc.isPresent()) {
                arc(path, arc.get());
                pair(path, ' ', end);
            } else {
                pair(path, 'C', segments.control(i, 0));
                pair(path, ' ', segments.control(i, 1));
                pair(path, ' ', end);
            }
        }
    }

    /** Radii, no turn of axes, the shorter way round, and whether clockwise on screen. */
    private static void arc(StringBuilder path, Arc arc) {
        path.append('A');
        SvgNumber.append(path, arc.radius());
        path.append(' ');
        SvgNumber.append(path, arc.radius());
        path.append(arc.sweep() > 0 ? " 0 0 1" : " 0 0 0");
    }

    static void append(StringBuilder path, Geometry geometry) {
        if (geometry instanceof Polygon polygon) {
            ring(path, polygon.getExteriorRing());
            for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
                ring(path, polygon.getInteriorRingN(i));
            }
            return;
        }
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            append(path, geometry.getGeometryN(i));
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
