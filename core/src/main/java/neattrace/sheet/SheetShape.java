package neattrace.sheet;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.util.List;
import neattrace.geom.Point;

/** A part of the sheet marked by hand, in px of the untouched source. */
public sealed interface SheetShape {

    /** The outline, in px of the untouched source. */
    Shape outline();

    /** A rectangle between two opposite corners. */
    record Box(Point from, Point to) implements SheetShape {

        public Box {
            checkFinite(from);
            checkFinite(to);
        }

        @Override
        public Shape outline() {
            Path2D path = new Path2D.Double();
            path.moveTo(from.x(), from.y());
            path.lineTo(to.x(), from.y());
            path.lineTo(to.x(), to.y());
            path.lineTo(from.x(), to.y());
            path.closePath();
            return path;
        }
    }

    /** A closed polygon of at least three corners. */
    record Polygon(List<Point> corners) implements SheetShape {

        public Polygon {
            corners = List.copyOf(corners);
            if (corners.size() < 3) {
                throw new IllegalArgumentException("a polygon has at least three corners");
            }
            corners.forEach(SheetShape::checkFinite);
        }

        @Override
        public Shape outline() {
            return path(corners, true);
        }
    }

    /** A round brush drawn along a line; a single point is a dot. */
    record Brush(List<Point> line, double radius) implements SheetShape {

        public Brush {
            line = List.copyOf(line);
            if (line.isEmpty() || !(radius > 0 && radius < 1e6)) {
                throw new IllegalArgumentException("a brush has a line and a radius");
            }
            line.forEach(SheetShape::checkFinite);
        }

        @Override
        public Shape outline() {
            if (line.size() == 1) {
                Point at = line.get(0);
                return new Ellipse2D.Double(
                        at.x() - radius, at.y() - radius, 2 * radius, 2 * radius);
            }
            return new BasicStroke(
                            (float) (2 * radius), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                    .createStrokedShape(path(line, false));
        }
    }

    private static Path2D path(List<Point> points, boolean closed) {
        Path2D path = new Path2D.Double();
        path.moveTo(points.get(0).x(), points.get(0).y());
        for (Point point : points.subList(1, points.size())) {
            path.lineTo(point.x(), point.y());
        }
        if (closed) {
            path.closePath();
        }
        return path;
    }

    private static void checkFinite(Point point) {
        if (!(Math.abs(point.x()) < 1e7 && Math.abs(point.y()) < 1e7)) {
            throw new IllegalArgumentException("a place far off the sheet");
        }
    }
}
