package neattrace.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** Simple drawings of one to fourteen strokes of a round pen, open and closed, some filled. */
final class PenTrial {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final int MOST_STROKES = 14;

    private PenTrial() {}

    static TrialDrawing draw(SplittableRandom chance, double stroke) {
        int side = (int) Math.max(260, Math.min(1400, stroke * chance.nextDouble(22, 90)));
        int strokes = 1 + chance.nextInt(MOST_STROKES);
        List<Geometry> parts = new ArrayList<>();
        for (int k = 0; k < strokes; k++) {
            parts.add(stroke(chance, stroke, side));
        }
        Geometry page = FACTORY.toGeometry(new Envelope(4, side - 4, 4, side - 4));
        Geometry ink = UnaryUnionOp.union(parts).intersection(page);
        return new TrialDrawing("pen" + strokes, ink, List.of(), side, side, stroke);
    }

    private static Geometry stroke(SplittableRandom chance, double width, int side) {
        int knots = 3 + chance.nextInt(5);
        boolean closed = chance.nextInt(3) == 0;
        double x = chance.nextDouble(0.1, 0.9) * side;
        double y = chance.nextDouble(0.1, 0.9) * side;
        double size = Math.max(4 * width, chance.nextDouble(0.08, 0.4) * side);
        List<Coordinate> through = new ArrayList<>();
        for (int k = 0; k < knots; k++) {
            double angle = 2 * Math.PI * k / knots;
            double radius = size * chance.nextDouble(0.5, 1);
            double along = closed ? 0 : (k - knots / 2.0) * size * 0.7;
            through.add(
                    closed
                            ? new Coordinate(
                                    x + radius * Math.cos(angle), y + radius * Math.sin(angle))
                            : new Coordinate(x + along, y + (chance.nextDouble() - 0.5) * size));
        }
        List<Coordinate> curve = curve(through, closed);
        if (closed && chance.nextInt(4) == 0) {
            return FACTORY.createPolygon(curve.toArray(Coordinate[]::new)).buffer(0);
        }
        BufferParameters round = new BufferParameters(24);
        double own = width * chance.nextDouble(0.8, 1.25);
        return BufferOp.bufferOp(
                FACTORY.createLineString(curve.toArray(Coordinate[]::new)), own / 2, round);
    }

    /** Catmull and Rom's spline. */
    private static List<Coordinate> curve(List<Coordinate> p, boolean closed) {
        int n = p.size();
        List<Coordinate> out = new ArrayList<>();
        for (int i = 0; i < (closed ? n : n - 1); i++) {
            Coordinate a = p.get(closed ? (i + n - 1) % n : Math.max(0, i - 1));
            Coordinate b = p.get(i);
            Coordinate c = p.get((i + 1) % n);
            Coordinate d = p.get(closed ? (i + 2) % n : Math.min(n - 1, i + 2));
            int steps = (int) Math.max(4, b.distance(c) / 0.7);
            for (int k = 0; k < steps; k++) {
                double t = (double) k / steps;
                out.add(new Coordinate(at(a.x, b.x, c.x, d.x, t), at(a.y, b.y, c.y, d.y, t)));
            }
        }
        out.add(closed ? out.get(0).copy() : p.get(n - 1));
        return out;
    }

    private static double at(double a, double b, double c, double d, double t) {
        return 0.5
                * (2 * b
                        + t * (c - a)
                        + t * t * (2 * a - 5 * b + 4 * c - d)
                        + t * t * t * (3 * b - a - 3 * c + d));
    }
}
