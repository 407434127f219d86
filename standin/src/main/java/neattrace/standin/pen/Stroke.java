package neattrace.standin.pen;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.operation.buffer.VariableBuffer;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * The area a round pen of changing width covers. Gentle strokes are offset directly; where that
 * would cross itself (tight bends, corners), JTS unites the pen's places one by one, which is exact
 * but slow.
 */
final class Stroke {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Points of a round end. */
    private static final int CAP = 8;

    private static final double CORNER = Math.toRadians(30);

    private Stroke() {}

    /**
     * The covered area.
     *
     * @param line the pen's path; closed if the first point is repeated at the end
     * @param reach half the width at each point
     */
    static Geometry outline(List<Coordinate> line, double[] reach) {
        boolean closed = line.size() > 3 && line.get(0).equals2D(line.get(line.size() - 1));
        List<Integer> corners = corners(line, closed);
        if (corners.isEmpty()) {
            return smooth(line, reach, closed);
        }
        // At a corner a plain offset would pinch the line; round ends overlap there instead.
        List<Geometry> runs = new ArrayList<>();
        int n = line.size() - 1;
        if (!closed) {
            corners.add(0, 0);
            corners.add(n);
        } else {
            corners.add(corners.get(0) + n);
        }
        for (int k = 0; k + 1 < corners.size(); k++) {
            int from = corners.get(k);
            int to = corners.get(k + 1);
            List<Coordinate> run = new ArrayList<>();
            double[] runReach = new double[to - from + 1];
            for (int i = from; i <= to; i++) {
                int at = closed ? i % n : i;
                run.add(line.get(at));
                runReach[i - from] = reach[at];
            }
            runs.add(smooth(run, runReach, false));
        }
        return OverlayNGRobust.union(runs);
    }

    private static Geometry smooth(List<Coordinate> line, double[] reach, boolean closed) {
        Geometry direct = closed ? ring(line, reach) : open(line, reach);
        if (direct != null && direct.isValid()) {
            return direct;
        }
        return VariableBuffer.buffer(
                FACTORY.createLineString(line.toArray(Coordinate[]::new)), reach);
    }

    private static List<Integer> corners(List<Coordinate> line, boolean closed) {
        List<Integer> corners = new ArrayList<>();
        int n = line.size() - 1;
        for (int i = closed ? 0 : 1; i < n; i++) {
            Coordinate before = i > 0 ? line.get(i - 1) : line.get(n - 1);
            double turn = Angle.angleBetweenOriented(before, line.get(i), line.get(i + 1));
            if (Math.PI - Math.abs(turn) > CORNER) {
                corners.add(i);
            }
        }
        return corners;
    }

    private static Geometry open(List<Coordinate> line, double[] reach) {
        int n = line.size();
        List<Coordinate> edge = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            edge.add(offset(line, i, reach[i], false));
        }
        cap(edge, line.get(n - 1), edge.get(n - 1));
        for (int i = n - 1; i >= 0; i--) {
            edge.add(offset(line, i, -reach[i], false));
        }
        cap(edge, line.get(0), edge.get(edge.size() - 1));
        edge.add(edge.get(0).copy());
        return edge.size() < 4 ? null : FACTORY.createPolygon(edge.toArray(Coordinate[]::new));
    }

    /** Points of the half circle round {@code centre} from {@code from} to the other side. */
    private static void cap(List<Coordinate> edge, Coordinate centre, Coordinate from) {
        double radius = centre.distance(from);
        double start = Math.atan2(from.y - centre.y, from.x - centre.x);
        for (int k = 1; k < CAP; k++) {
            double angle = start - Math.PI * k / CAP;
            edge.add(
                    new Coordinate(
                            centre.x + radius * Math.cos(angle),
                            centre.y + radius * Math.sin(angle)));
        }
    }

    private static Geometry ring(List<Coordinate> line, double[] reach) {
        int n = line.size() - 1;
        Coordinate[] left = new Coordinate[n + 1];
        Coordinate[] right = new Coordinate[n + 1];
        for (int i = 0; i < n; i++) {
            left[i] = offset(line, i, reach[i], true);
            right[i] = offset(line, i, -reach[i], true);
        }
        left[n] = left[0].copy();
        right[n] = right[0].copy();
        LinearRing a = FACTORY.createLinearRing(left);
        LinearRing b = FACTORY.createLinearRing(right);
        boolean leftOutside =
                FACTORY.createPolygon(a).getArea() > FACTORY.createPolygon(b).getArea();
        return FACTORY.createPolygon(leftOutside ? a : b, new LinearRing[] {leftOutside ? b : a});
    }

    /**
     * The point beside point i, to the left of the direction of travel if {@code by} is positive.
     */
    private static Coordinate offset(List<Coordinate> line, int i, double by, boolean closed) {
        int n = line.size() - 1;
        Coordinate before = i > 0 ? line.get(i - 1) : closed ? line.get(n - 1) : line.get(0);
        Coordinate after = i < n ? line.get(i + 1) : line.get(n);
        Coordinate at = line.get(i);
        double dx = after.x - before.x;
        double dy = after.y - before.y;
        double length = Math.max(1e-9, Math.hypot(dx, dy));
        return new Coordinate(at.x - dy / length * by, at.y + dx / length * by);
    }
}
