package neattrace.goods.page;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Finds the nearest free paper for a number that has no room in its area, and leads from it to the
 * area. What is taken is kept on a raster of the page, finer than any line.
 */
final class LeaderPlacer {

    private static final double PX_PER_MM = 8;

    /** No number stands farther from its area, mm. */
    private static final double FARTHEST_MM = 30;

    private static final double STEP_MM = 0.6;
    private static final int DIRECTIONS = 32;

    /** Paper within the drawing is taken only where it is so much nearer. */
    private static final double WITHIN = 2.2;

    /** Width of the leader, and the largest dot at its end, mm. */
    private static final double LINE_MM = 0.15;

    private static final double DOT_MM = 0.45;

    /** What cells hold: nothing, free paper outside, a number or a leader, ink. */
    private static final int OUTSIDE = 1;

    private static final int NUMBER = 2;
    private static final int TAKEN = 255;

    private final Envelope room;
    private final BufferedImage raster;
    private final int[] cells;
    private final GeometryFactory factory = new GeometryFactory();

    LeaderPlacer(
            PageAreas areas,
            AffineTransformation onPage,
            Envelope room,
            List<PlacedNumber> numbers) {
        this.room = room;
        int width = (int) Math.ceil(room.getWidth() * PX_PER_MM) + 1;
        int height = (int) Math.ceil(room.getHeight() * PX_PER_MM) + 1;
        raster = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        cells = ((DataBufferInt) raster.getRaster().getDataBuffer()).getData();
        for (Geometry outside : areas.outside()) {
            fill(onPage.transform(outside), OUTSIDE);
        }
        // Thin lines are widened by a cell, so that none slips through the raster.
        double clear = 1 / PX_PER_MM;
        fill(BufferOp.bufferOp(onPage.transform(areas.ink()), clear, 2), TAKEN);
        for (PlacedNumber number : numbers) {
            take(number.letters().getEnvelopeInternal());
        }
    }

    private void fill(Geometry shape, int value) {
        if (shape.isEmpty()) {
            return;
        }
        Graphics2D graphics = raster.createGraphics();
        AffineTransform map = AffineTransform.getScaleInstance(PX_PER_MM, PX_PER_MM);
        map.translate(-room.getMinX(), -room.getMinY());
        Shape area = map.createTransformedShape(new ShapeWriter().toShape(shape));
        graphics.setColor(new Color(value, value, value));
        graphics.fill(area);
        graphics.dispose();
    }

    private void take(Envelope box) {
        Graphics2D graphics = raster.createGraphics();
        graphics.setColor(new Color(NUMBER, NUMBER, NUMBER));
        double clear = NumberPlacer.CLEAR_MM;
        graphics.fill(
                new Rectangle2D.Double(
                        (box.getMinX() - clear - room.getMinX()) * PX_PER_MM,
                        (box.getMinY() - clear - room.getMinY()) * PX_PER_MM,
                        (box.getWidth() + 2 * clear) * PX_PER_MM + 1,
                        (box.getHeight() + 2 * clear) * PX_PER_MM + 1));
        graphics.dispose();
    }

    /**
     * A number beside an area; its place is taken from then on.
     *
     * @param area the middle of the area's largest circle
     * @param radiusMm of that circle
     */
    Optional<PlacedNumber> place(Digits text, int number, Point area, double radiusMm) {
        double heightMm = NumberPlacer.LEGIBLE_MM;
        Point best = null;
        double least = Double.MAX_VALUE;
        for (double away = radiusMm + heightMm; away < FARTHEST_MM; away += STEP_MM) {
            if (away >= least) {
                break;
            }
            for (int k = 0; k < DIRECTIONS; k++) {
                double turn = 2 * Math.PI * k / DIRECTIONS;
                Point at =
                        new Point(
                                area.x() + away * Math.cos(turn), area.y() + away * Math.sin(turn));
                Envelope box = text.box(at.x(), at.y(), heightMm, NumberPlacer.CLEAR_MM);
                int ground = ground(box);
                double cost = ground == OUTSIDE ? away : WITHIN * away;
                if (ground != TAKEN && cost < least && !crossesNumber(at, area)) {
                    least = cost;
                    best = at;
                }
            }
        }
        if (best == null) {
            return Optional.empty();
        }
        Geometry letters = text.at(best.x(), best.y(), heightMm);
        Geometry leader = leader(text, best, heightMm, area, radiusMm);
        take(letters.getEnvelopeInternal());
        fill(leader, NUMBER);
        return Optional.of(new PlacedNumber(number, best, heightMm, letters, Optional.of(leader)));
    }

    /** What lies in a box: free paper outside, free paper within, or something. */
    private int ground(Envelope box) {
        if (!room.contains(box)) {
            return TAKEN;
        }
        int left = (int) Math.floor((box.getMinX() - room.getMinX()) * PX_PER_MM);
        int right = (int) Math.floor((box.getMaxX() - room.getMinX()) * PX_PER_MM);
        int top = (int) Math.floor((box.getMinY() - room.getMinY()) * PX_PER_MM);
        int bottom = (int) Math.floor((box.getMaxY() - room.getMinY()) * PX_PER_MM);
        int ground = OUTSIDE;
        for (int y = top; y <= bottom; y++) {
            for (int x = left; x <= right; x++) {
                int cell = cells[y * raster.getWidth() + x] & 0xff;
                if (cell > OUTSIDE) {
                    return TAKEN;
                }
                ground = Math.min(ground, cell);
            }
        }
        return ground;
    }

    /** Whether a straight line runs over a number or a leader. */
    private boolean crossesNumber(Point from, Point to) {
        int steps = (int) Math.ceil(from.distance(to) * PX_PER_MM);
        for (int k = 0; k <= steps; k++) {
            Point at = from.plus(to.minus(from).times((double) k / Math.max(1, steps)));
            int x = (int) Math.floor((at.x() - room.getMinX()) * PX_PER_MM);
            int y = (int) Math.floor((at.y() - room.getMinY()) * PX_PER_MM);
            boolean within = x >= 0 && y >= 0 && x < raster.getWidth() && y < raster.getHeight();
            if (within && (cells[y * raster.getWidth() + x] & 0xff) == NUMBER) {
                return true;
            }
        }
        return false;
    }

    private Geometry leader(Digits text, Point from, double heightMm, Point area, double radiusMm) {
        Envelope box = text.box(from.x(), from.y(), heightMm, NumberPlacer.CLEAR_MM);
        Point way = area.minus(from);
        double across = box.getWidth() / 2 / Math.max(1e-9, Math.abs(way.x()));
        double down = box.getHeight() / 2 / Math.max(1e-9, Math.abs(way.y()));
        Point begin = from.plus(way.times(Math.min(1, Math.min(across, down))));
        Geometry line =
                FlatLine.of(
                        new Coordinate(begin.x(), begin.y()),
                        new Coordinate(area.x(), area.y()),
                        LINE_MM);
        Geometry dot =
                BufferOp.bufferOp(
                        factory.createPoint(new Coordinate(area.x(), area.y())),
                        Math.min(DOT_MM, 0.7 * radiusMm),
                        6);
        return OverlayNGRobust.union(factory.buildGeometry(List.of(line, dot)));
    }
}
