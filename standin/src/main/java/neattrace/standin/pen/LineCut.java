package neattrace.standin.pen;

import java.awt.geom.AffineTransform;
import neattrace.geom.Point;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Finds the piece of ink to take away so that a line has a gap of a given width. */
final class LineCut {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Lines are thinner than this, mm. */
    private static final double REACH_MM = 4;

    /** How far from the given place the line may lie, and how finely it is looked for, mm. */
    private static final double NEAR_MM = 1;

    private static final double STEP_MM = 0.1;

    private static final int DIRECTIONS = 36;

    private LineCut() {}

    /**
     * The piece of the line near {@code place} that lies in a slot of the given width straight
     * across it: of all directions, across is where the least ink lies in the slot.
     *
     * @throws IllegalArgumentException if there is no ink within a millimetre
     */
    static Geometry across(Geometry ink, Point place, double widthMm) {
        Geometry local = OverlayNGRobust.overlay(ink, box(place), OverlayNG.INTERSECTION);
        Coordinate middle = middle(local, place);
        Geometry best = null;
        for (int k = 0; k < DIRECTIONS; k++) {
            Geometry slot = slot(middle, widthMm, Math.PI * k / DIRECTIONS);
            Geometry held = OverlayNGRobust.overlay(local, slot, OverlayNG.INTERSECTION);
            Geometry piece = pieceAt(held, middle);
            if (best == null || piece.getArea() < best.getArea()) {
                best = piece;
            }
        }
        // A hair wider than the line, so that nothing is left of it at the sides.
        return best.buffer(1e-3);
    }

    private static Geometry box(Point place) {
        Envelope box = new Envelope(new Coordinate(place.x(), place.y()));
        box.expandBy(NEAR_MM + REACH_MM);
        return FACTORY.toGeometry(box);
    }

    /** The place near by that lies deepest in the ink. */
    private static Coordinate middle(Geometry ink, Point place) {
        IndexedFacetDistance edge = new IndexedFacetDistance(ink.getBoundary());
        IndexedPointInAreaLocator inside = new IndexedPointInAreaLocator(ink);
        Coordinate best = null;
        double deepest = 0;
        for (double dy = -NEAR_MM; dy <= NEAR_MM; dy += STEP_MM) {
            for (double dx = -NEAR_MM; dx <= NEAR_MM; dx += STEP_MM) {
                Coordinate at = new Coordinate(place.x() + dx, place.y() + dy);
                if (inside.locate(at) != Location.INTERIOR) {
                    continue;
                }
                // Of places equally deep, the one nearest to where the line was said to be.
                double depth = edge.distance(FACTORY.createPoint(at)) - 0.05 * Math.hypot(dx, dy);
                if (best == null || depth > deepest) {
                    best = at;
                    deepest = depth;
                }
            }
        }
        if (best == null) {
            throw new IllegalArgumentException("no line at " + place);
        }
        return best;
    }

    private static Geometry pieceAt(Geometry held, Coordinate middle) {
        org.locationtech.jts.geom.Point at = FACTORY.createPoint(middle);
        for (int i = 0; i < held.getNumGeometries(); i++) {
            if (held.getGeometryN(i).intersects(at)) {
                return held.getGeometryN(i);
            }
        }
        throw new IllegalStateException("the slot misses its own middle");
    }

    private static Geometry slot(Coordinate place, double widthMm, double direction) {
        AffineTransform turn = AffineTransform.getRotateInstance(direction, place.x, place.y);
        double[] corners = {
            place.x - widthMm / 2,
            place.y - REACH_MM / 2,
            place.x + widthMm / 2,
            place.y - REACH_MM / 2,
            place.x + widthMm / 2,
            place.y + REACH_MM / 2,
            place.x - widthMm / 2,
            place.y + REACH_MM / 2
        };
        turn.transform(corners, 0, corners, 0, 4);
        Coordinate[] ring = new Coordinate[5];
        for (int i = 0; i < 5; i++) {
            ring[i] = new Coordinate(corners[2 * (i % 4)], corners[2 * (i % 4) + 1]);
        }
        return FACTORY.createPolygon(ring);
    }
}
