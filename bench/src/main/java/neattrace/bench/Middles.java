package neattrace.bench;

import com.github.weisj.jsvg.SVGDocument;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import neattrace.geom.CubicSegments;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.trace.centre.CentrelineFinder;
import neattrace.trace.centre.StrokeArt;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * Middles of lines against the strokes that drawings of an open set were made of: how far off, how
 * many kinks that no stroke has, how many strokes.
 */
public final class Middles {

    private static final int DRAWINGS = 100;
    private static final int SIDE_PX = 1200;
    private static final double STEP_PX = 1;

    /** Directions are taken over so many px on both sides of a place. */
    private static final int REACH = 4;

    private static final double KINK = Math.toRadians(20);

    /** Strokes whose ends are this near begin where another ends, px. */
    private static final double SAME_END_PX = 3;

    private static final double SMOOTH = Math.toRadians(8);
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private Middles() {}

    private record Result(
            String name, double[] away, int kinks, double length, int strokes, int drawn) {}

    /** Directory of drawings, anything, and optionally how many drawings. */
    public static void main(String[] arguments) throws IOException {
        int count = arguments.length > 2 ? Integer.parseInt(arguments[2]) : DRAWINGS;
        List<Path> files;
        try (Stream<Path> listed = Files.list(Path.of(arguments[0]))) {
            files = listed.filter(p -> p.toString().endsWith(".svg")).sorted().toList();
        }
        List<Path> drawn = new ArrayList<>();
        for (Path file : files) {
            // Flags are one box and the same over and over; crowds are not what hands draw.
            int strokes =
                    DrawnStrokes.read(file, SIDE_PX).map(one -> one.strokes().size()).orElse(0);
            if (strokes >= 3 && strokes < 60) {
                drawn.add(file);
            }
        }
        List<Result> results = new ArrayList<>();
        int n = Math.min(count, drawn.size());
        for (int i = 0; i < n; i++) {
            Path file = drawn.get((int) ((long) i * drawn.size() / n));
            results.add(measured(file, DrawnStrokes.read(file, SIDE_PX).orElseThrow()));
        }
        print(results, drawn.size());
    }

    private static Result measured(Path file, DrawnStrokes truth) throws IOException {
        InkMap map = map(file);
        StrokeArt art =
                StrokeArt.of(map, CentrelineFinder.find(map, Progress.SILENT), new int[0], 0, 1);
        STRtree tree = new STRtree();
        for (double[] stroke : truth.strokes()) {
            for (int i = 0; i + 3 < stroke.length; i += 2) {
                LineSegment one =
                        new LineSegment(stroke[i], stroke[i + 1], stroke[i + 2], stroke[i + 3]);
                tree.insert(
                        FACTORY.createLineString(new Coordinate[] {one.p0, one.p1})
                                .getEnvelopeInternal(),
                        new Piece(one, stroke, i / 2));
            }
        }
        List<Double> away = new ArrayList<>();
        int kinks = 0;
        double length = 0;
        List<CubicSegments> paths = new ArrayList<>();
        art.open().forEach(one -> paths.add(one.path()));
        art.closed().forEach(one -> paths.add(one.path()));
        for (CubicSegments path : paths) {
            List<Point> at = even(path);
            length += at.size() * STEP_PX;
            int quiet = -100;
            for (int i = 0; i < at.size(); i++) {
                Nearest nearest = nearest(tree, at.get(i));
                away.add(nearest.away());
                if (i >= REACH && i + REACH < at.size() && i - quiet > 2 * REACH) {
                    double turn = turn(at.get(i - REACH), at.get(i), at.get(i + REACH));
                    if (turn > KINK && trueTurn(nearest, truth.strokes()) < SMOOTH) {
                        kinks++;
                        quiet = i;
                    }
                }
            }
        }
        return new Result(
                file.getFileName().toString(),
                away.stream().mapToDouble(Double::doubleValue).toArray(),
                kinks,
                length,
                paths.size(),
                truth.tellable());
    }

    private record Piece(LineSegment segment, double[] stroke, int index) {}

    private record Nearest(double away, Piece piece, Coordinate at) {}

    private static Nearest nearest(STRtree tree, Point at) {
        Coordinate place = new Coordinate(at.x(), at.y());
        LineString spot = FACTORY.createLineString(new Coordinate[] {place, place});
        Piece piece =
                (Piece)
                        tree.nearestNeighbour(
                                spot.getEnvelopeInternal(),
                                new Piece(new LineSegment(place, place), new double[0], 0),
                                (a, b) ->
                                        ((Piece) a.getItem())
                                                .segment()
                                                .distance(((Piece) b.getItem()).segment()));
        return new Nearest(
                piece.segment().distance(place), piece, piece.segment().closestPoint(place));
    }

    /**
     * How much the true stroke turns there, over twice the way: a corner a few px off is no false
     * one. Where it ends and another begins, it turns as much as one must to go on along that.
     */
    private static double trueTurn(Nearest nearest, List<double[]> strokes) {
        double[] stroke = nearest.piece().stroke();
        Point here = new Point(nearest.at().x, nearest.at().y);
        double most = 0;
        for (Point before : along(stroke, nearest.piece().index(), here, -1, strokes)) {
            for (Point after : along(stroke, nearest.piece().index() + 1, here, 1, strokes)) {
                most = Math.max(most, turn(before, here, after));
            }
        }
        return most;
    }

    /** Where one comes to along a stroke, or at its end along those that begin there. */
    private static List<Point> along(
            double[] stroke, int from, Point here, int way, List<double[]> strokes) {
        Walk walk = walk(stroke, from, here, way, 2 * REACH * STEP_PX);
        if (walk.left() <= 0) {
            return List.of(walk.at());
        }
        List<Point> all = new ArrayList<>();
        all.add(walk.at());
        for (double[] other : strokes) {
            int n = other.length / 2;
            for (int end = 0; end < 2 && other != stroke; end++) {
                int first = end == 0 ? 0 : n - 1;
                Point begin = new Point(other[2 * first], other[2 * first + 1]);
                if (begin.distance(walk.at()) < SAME_END_PX) {
                    all.add(walk(other, first, walk.at(), end == 0 ? 1 : -1, walk.left()).at());
                }
            }
        }
        return all;
    }

    /** Where a walk came to, and how much of it was left at the stroke's end, px. */
    private record Walk(Point at, double left) {}

    private static Walk walk(double[] stroke, int from, Point here, int way, double far) {
        int n = stroke.length / 2;
        boolean closed = stroke[0] == stroke[2 * n - 2] && stroke[1] == stroke[2 * n - 1];
        double left = far;
        Point at = here;
        int k = from;
        for (int steps = 0; steps < n; steps++) {
            if (k < 0 || k >= n) {
                if (!closed) {
                    return new Walk(at, left);
                }
                k = Math.floorMod(k, n - 1);
            }
            Point next = new Point(stroke[2 * k], stroke[2 * k + 1]);
            double step = at.distance(next);
            if (step >= left) {
                return new Walk(at.plus(next.minus(at).times(left / step)), 0);
            }
            left -= step;
            at = next;
            k += way;
        }
        return new Walk(at, left);
    }

    private static double turn(Point a, Point b, Point c) {
        Point in = b.minus(a);
        Point out = c.minus(b);
        return in.length() < 1e-9 || out.length() < 1e-9
                ? 0
                : Math.abs(Math.atan2(in.cross(out), in.dot(out)));
    }

    /** A path as points a step apart. */
    private static List<Point> even(CubicSegments path) {
        List<Point> even = new ArrayList<>();
        Point last = path.point(0);
        even.add(last);
        double due = STEP_PX;
        for (int i = 0; i < path.size(); i++) {
            for (int k = 1; k <= 200; k++) {
                Point next = path.at(i, k / 200.0);
                double step = last.distance(next);
                while (step >= due) {
                    last = last.plus(next.minus(last).times(due / step));
                    even.add(last);
                    step = last.distance(next);
                    due = STEP_PX;
                }
                due -= step;
                last = next;
            }
        }
        return even;
    }

    private static InkMap map(Path file) throws IOException {
        SVGDocument document = SvgPicture.load(file);
        BufferedImage image = SvgPicture.render(document, SIDE_PX, BufferedImage.TYPE_BYTE_GRAY);
        byte[] grey = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        byte[] coverage = new byte[grey.length];
        for (int i = 0; i < grey.length; i++) {
            coverage[i] = (byte) (255 - (grey[i] & 0xff));
        }
        return new InkMap(SIDE_PX, SIDE_PX, coverage);
    }

    private static void print(List<Result> results, int all) {
        double[] away =
                results.stream()
                        .flatMapToDouble(one -> Arrays.stream(one.away()))
                        .sorted()
                        .toArray();
        double length = results.stream().mapToDouble(Result::length).sum();
        int kinks = results.stream().mapToInt(Result::kinks).sum();
        long right = results.stream().filter(one -> one.strokes() == one.drawn()).count();
        System.out.printf(
                Locale.ROOT,
                "%d of %d drawings: mean %.3f px, 95 %% %.3f px, 99 %% %.3f px; %.2f false kinks for"
                        + " 10,000 px; strokes right in %d%n",
                results.size(),
                all,
                Arrays.stream(away).average().orElse(0),
                away[(int) (0.95 * away.length)],
                away[(int) (0.99 * away.length)],
                1e4 * kinks / length,
                right);
        for (Result one : results) {
            double[] sorted = Arrays.stream(one.away()).sorted().toArray();
            System.out.printf(
                    Locale.ROOT,
                    "%-34s mean %.3f 95 %% %.3f kinks %d strokes %d of %d%n",
                    one.name(),
                    Arrays.stream(sorted).average().orElse(0),
                    sorted[(int) (0.95 * sorted.length)],
                    one.kinks(),
                    one.strokes(),
                    one.drawn());
        }
    }
}
