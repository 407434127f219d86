package neattrace.print;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.CubicPath;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.VariableBuffer;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/**
 * Strokes as wide as they are at each place: the union of what their width covers along short
 * pieces of the path (variable buffer of JTS).
 */
final class StrokeWidths {

    private static final double FLAT_MM = 0.01;

    /** Places of a path that are nearer are not told apart; outlines keep within less, mm. */
    private static final double STEP_MM = 0.15;

    private static final double FINE_MM = 0.004;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private StrokeWidths() {}

    /** How far along a closed path a joint lies, 0 to 1. */
    static double share(CubicLoop loop, int joint) {
        double before = 0;
        double all = 0;
        for (int i = 0; i < loop.size(); i++) {
            double length = 0;
            for (int k = 0; k < 16; k++) {
                length += loop.at(i, k / 16.0).distance(loop.at(i, (k + 1) / 16.0));
            }
            all += length;
            before += i < joint ? length : 0;
        }
        return all == 0 ? 0 : before / all;
    }

    /** What a stroke covers. */
    static Geometry outline(PrintShape.Stroked stroke) {
        double[] xy =
                stroke.path() instanceof CubicLoop loop
                        ? loop.flatten(FLAT_MM)
                        : ((CubicPath) stroke.path()).flatten(FLAT_MM);
        List<Coordinate> way = even(xy, stroke.closed());
        double all = length(way);
        double[] half = new double[way.size()];
        double run = 0;
        for (int i = 0; i < half.length; i++) {
            run += i == 0 ? 0 : way.get(i).distance(way.get(i - 1));
            half[i] = width(stroke, all == 0 ? 0 : run / all) / 2;
        }
        if (way.size() < 2 || all == 0) {
            return FACTORY.createPoint(way.get(0)).buffer(half[0]);
        }
        Geometry wide =
                VariableBuffer.buffer(
                        FACTORY.createLineString(way.toArray(Coordinate[]::new)), half);
        return TopologyPreservingSimplifier.simplify(wide, FINE_MM);
    }

    /** How wide a stroke is at a share of its way, mm. */
    static double width(PrintShape.Stroked stroke, double share) {
        List<Double> widths = stroke.widthsMm();
        if (widths.isEmpty()) {
            return stroke.widthMm();
        }
        double at = Math.max(0, Math.min(1, share)) * (widths.size() - 1);
        int low = Math.min((int) at, widths.size() - 1);
        int high = Math.min(low + 1, widths.size() - 1);
        return widths.get(low) + (at - low) * (widths.get(high) - widths.get(low));
    }

    private static List<Coordinate> even(double[] xy, boolean closed) {
        List<Coordinate> way = new ArrayList<>();
        int n = xy.length / 2;
        for (int i = 0; i < (closed ? n + 1 : n); i++) {
            Coordinate next = new Coordinate(xy[2 * (i % n)], xy[2 * (i % n) + 1]);
            if (!way.isEmpty()) {
                Coordinate last = way.get(way.size() - 1);
                double far = last.distance(next);
                if (far == 0) {
                    continue;
                }
                int pieces = (int) Math.max(1, Math.round(far / STEP_MM));
                for (int k = 1; k < pieces; k++) {
                    double t = (double) k / pieces;
                    way.add(
                            new Coordinate(
                                    last.x + t * (next.x - last.x),
                                    last.y + t * (next.y - last.y)));
                }
            }
            way.add(next);
        }
        return way;
    }

    private static double length(List<Coordinate> way) {
        double length = 0;
        for (int i = 1; i < way.size(); i++) {
            length += way.get(i).distance(way.get(i - 1));
        }
        return length;
    }
}
