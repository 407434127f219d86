package neattrace.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import neattrace.geom.Point;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/**
 * Dots and dashes as a pen makes them, in the open paper of a drawing: eyes, buttons, freckles,
 * stippling, dots of an i with its stem, full stops after a line, equals signs.
 */
final class PlantedDots {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final String[] KINDS = {
        "eyes", "buttons", "freckles", "stipple", "i", "stop", "equals", "row"
    };

    private final TrialDrawing drawing;
    private final SplittableRandom chance;
    private final IndexedFacetDistance toInk;
    private final IndexedPointInAreaLocator inInk;
    private final List<Polygon> shapes = new ArrayList<>();
    private final List<Point> middles = new ArrayList<>();
    private final String kind;
    private final double dot;

    PlantedDots(TrialDrawing drawing, SplittableRandom chance) {
        this.drawing = drawing;
        this.chance = chance;
        this.toInk = new IndexedFacetDistance(drawing.ink());
        this.inInk = new IndexedPointInAreaLocator(drawing.ink());
        this.kind = KINDS[chance.nextInt(KINDS.length)];
        this.dot = Math.max(2.2, drawing.strokePx() * chance.nextDouble(0.8, 1.6));
    }

    String kind() {
        return kind;
    }

    List<Point> middles() {
        return middles;
    }

    /** As many as there is room for near a place in open paper. */
    List<Polygon> plant() {
        double gap = dot * chance.nextDouble(2.2, 4);
        for (int tries = 0; tries < 60 && middles.size() < 2; tries++) {
            shapes.clear();
            middles.clear();
            double x = chance.nextDouble(0.05, 0.95) * drawing.width();
            double y = chance.nextDouble(0.05, 0.95) * drawing.height();
            place(x, y, gap);
        }
        return shapes;
    }

    private void place(double x, double y, double gap) {
        switch (kind) {
            case "eyes" -> {
                dot(x - gap / 2, y);
                dot(x + gap / 2, y + chance.nextDouble(-0.1, 0.1) * gap);
            }
            case "buttons" -> {
                for (int k = 0; k < 3 + chance.nextInt(3); k++) {
                    dot(x + 0.05 * k * gap, y + k * gap);
                }
            }
            case "row" -> {
                for (int k = 0; k < 5 + chance.nextInt(8); k++) {
                    dot(x + k * gap, y + 0.2 * Math.sin(k) * gap);
                }
            }
            case "freckles" -> {
                for (int k = 0; k < 3 + chance.nextInt(5); k++) {
                    dot(x + chance.nextDouble(-2, 2) * gap, y + chance.nextDouble(-1, 1) * gap);
                }
            }
            case "stipple" -> {
                for (int k = 0; k < 12 + chance.nextInt(60); k++) {
                    dot(x + chance.nextDouble(-4, 4) * gap, y + chance.nextDouble(-3, 3) * gap);
                }
            }
            case "i" -> {
                for (int k = 0; k < 2 + chance.nextInt(3); k++) {
                    double at = x + k * 1.6 * gap;
                    if (dash(at, y, at, y + 4 * drawing.strokePx(), false)) {
                        dot(at, y - 1.1 * dot - 1.2 * drawing.strokePx());
                    }
                }
            }
            case "stop" -> {
                for (int k = 0; k < 2 + chance.nextInt(2); k++) {
                    double base = y + 5 * k * drawing.strokePx();
                    if (dash(x, base, x + 7 * drawing.strokePx(), base, false)) {
                        dot(x + 8.5 * drawing.strokePx() + dot, base);
                    }
                }
            }
            default -> {
                double half = 1.6 * drawing.strokePx();
                double apart = 2.6 * drawing.strokePx();
                dash(x - half, y, x + half, y, true);
                dash(x - half, y + apart, x + half, y + apart, true);
            }
        }
    }

    private void dot(double x, double y) {
        double own = dot * chance.nextDouble(0.9, 1.1) / 2;
        add(FACTORY.createPoint(new Coordinate(x, y)).buffer(own, 24), x, y, true);
    }

    private boolean dash(double x0, double y0, double x1, double y1, boolean told) {
        Geometry line =
                FACTORY.createLineString(
                                new Coordinate[] {new Coordinate(x0, y0), new Coordinate(x1, y1)})
                        .buffer(Math.max(1.1, drawing.strokePx() / 2), 24);
        return add(line, (x0 + x1) / 2, (y0 + y1) / 2, told);
    }

    /** Only where nothing is near, so that it stays a piece of its own. */
    private boolean add(Geometry shape, double x, double y, boolean told) {
        double clear = 2 + 0.8 * drawing.strokePx();
        var room = shape.getEnvelopeInternal();
        boolean onSheet =
                room.getMinX() > clear
                        && room.getMinY() > clear
                        && room.getMaxX() < drawing.width() - clear
                        && room.getMaxY() < drawing.height() - clear;
        boolean free =
                onSheet
                        && inInk.locate(new Coordinate(x, y)) != 0
                        && toInk.distance(shape) > clear
                        && shapes.stream().allMatch(other -> other.distance(shape) > clear);
        if (free) {
            shapes.add((Polygon) shape);
            if (told) {
                middles.add(new Point(x, y));
            }
        }
        return free;
    }
}
