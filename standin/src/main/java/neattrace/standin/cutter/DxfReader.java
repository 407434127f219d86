package neattrace.standin.cutter;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import neattrace.geom.Point;

/** Reads polylines with bulges, and lines, of the entities of a DXF file. */
final class DxfReader {

    /** Chords keep within so much of an arc, mm. */
    private static final double FLAT_MM = 0.01;

    private record Vertex(Point at, double bulge) {}

    private final double heightMm;
    private final List<CutPath> paths = new ArrayList<>();

    DxfReader(double heightMm) {
        this.heightMm = heightMm;
    }

    List<CutPath> read(String text) throws CutFileException {
        String[] lines = text.split("\\R");
        List<Vertex> vertices = new ArrayList<>();
        boolean entities = false;
        boolean closed = false;
        String layer = "";
        String entity = "";
        double[] numbers = new double[100];
        for (int i = 0; i + 1 < lines.length; i += 2) {
            int code = (int) number(lines[i].strip());
            String value = lines[i + 1].strip();
            if (code != 0) {
                entities |= code == 2 && value.equals("ENTITIES");
                layer = code == 8 ? value : layer;
                if (code >= 10 && code < numbers.length) {
                    numbers[code] = number(value);
                }
                continue;
            }
            if (entities && entity.equals("POLYLINE")) {
                closed = ((int) numbers[70] & 1) != 0;
            } else if (entities && entity.equals("VERTEX")) {
                vertices.add(new Vertex(place(numbers[10], numbers[20]), numbers[42]));
            } else if (entities && entity.equals("LINE")) {
                paths.add(
                        new CutPath(
                                isThrough(layer),
                                List.of(
                                        place(numbers[10], numbers[20]),
                                        place(numbers[11], numbers[21]))));
            }
            if (value.equals("SEQEND")) {
                polyline(vertices, closed, layer);
                vertices.clear();
            }
            entity = value;
            Arrays.fill(numbers, 0);
        }
        return paths;
    }

    private static boolean isThrough(String layer) {
        return layer.toLowerCase(Locale.ROOT).contains("through");
    }

    private void polyline(List<Vertex> vertices, boolean closed, String layer) {
        if (vertices.size() < 2) {
            return;
        }
        List<Point> points = new ArrayList<>();
        int edges = closed ? vertices.size() : vertices.size() - 1;
        for (int i = 0; i < edges; i++) {
            Vertex from = vertices.get(i);
            arc(from.at(), vertices.get((i + 1) % vertices.size()).at(), from.bulge(), points);
        }
        points.add(vertices.get(closed ? 0 : vertices.size() - 1).at());
        paths.add(new CutPath(isThrough(layer), points));
    }

    /** From one vertex to the next, the last one left out; y runs down here, so arcs turn over. */
    private static void arc(Point from, Point to, double bulge, List<Point> points) {
        points.add(from);
        if (bulge == 0) {
            return;
        }
        double sweep = -4 * Math.atan(bulge);
        double chord = from.distance(to);
        double radius = chord / 2 / Math.abs(Math.sin(sweep / 2));
        Point middle = from.plus(to).times(0.5);
        Point along = to.minus(from).unit();
        double away = chord / 2 / Math.tan(sweep / 2);
        Point centre = middle.plus(new Point(-along.y(), along.x()).times(away));
        double start = from.minus(centre).angle();
        double step = 2 * Math.acos(Math.max(0, 1 - FLAT_MM / radius));
        int pieces = (int) Math.max(2, Math.ceil(Math.abs(sweep) / step));
        for (int k = 1; k < pieces; k++) {
            double angle = start + sweep * k / pieces;
            points.add(centre.plus(new Point(Math.cos(angle), Math.sin(angle)).times(radius)));
        }
    }

    private Point place(double x, double y) {
        return new Point(x, heightMm - y);
    }

    private static double number(String text) throws CutFileException {
        try {
            double value = Double.parseDouble(text);
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException e) {
            throw new CutFileException("The cut file is damaged: “" + text + "” is no number.");
        }
        throw new CutFileException("The cut file is damaged: a number is none.");
    }
}
