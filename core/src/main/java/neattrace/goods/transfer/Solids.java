package neattrace.goods.transfer;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.Point;
import neattrace.goods.cut.PrintedShape;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/**
 * Parts of a drawing's ink that are areas and no lines: what an opening by a disc leaves. They are
 * drawn by their edges.
 */
final class Solids {

    private static final int QUARTER = 8;

    /**
     * Places this near to the edge belong to what leaves a solid, as a share of its least width.
     */
    private static final double EDGE = 0.1;

    /** Smaller ones are meetings of lines, times the square of the least width. */
    private static final double LARGER = 2.2;

    private static final double FINE_MM = 0.01;

    private final List<Polygon> shapes;
    private final IndexedPointInAreaLocator within;

    private Solids(List<Polygon> shapes, IndexedPointInAreaLocator within) {
        this.shapes = shapes;
        this.within = within;
    }

    /**
     * The solids of some ink.
     *
     * @param ink valid polygons, mm
     * @param wideMm what is at least so wide is solid
     */
    static Solids of(Geometry ink, double wideMm) {
        Geometry core = ink.isEmpty() ? ink : BufferOp.bufferOp(ink, -wideMm / 2, QUARTER);
        List<Polygon> shapes = new ArrayList<>();
        if (core.isEmpty()) {
            return new Solids(shapes, null);
        }
        Geometry opened = BufferOp.bufferOp(core, wideMm / 2, QUARTER);
        for (Object each : PolygonExtracter.getPolygons(opened)) {
            Geometry plain = TopologyPreservingSimplifier.simplify((Polygon) each, FINE_MM);
            // Where thick lines meet a disc fits in; that is no solid yet.
            if (plain instanceof Polygon polygon && polygon.getArea() > LARGER * wideMm * wideMm) {
                shapes.add(polygon);
            }
        }
        if (shapes.isEmpty()) {
            return new Solids(shapes, null);
        }
        Geometry kept = ink.getFactory().createMultiPolygon(shapes.toArray(Polygon[]::new));
        Geometry inner = BufferOp.bufferOp(kept, -EDGE * wideMm, QUARTER);
        return new Solids(shapes, inner.isEmpty() ? null : new IndexedPointInAreaLocator(inner));
    }

    /** Whether a place lies within one, mm. */
    boolean has(Point at) {
        return within != null && within.locate(new Coordinate(at.x(), at.y())) != Location.EXTERIOR;
    }

    /** Their edges, mm. */
    List<CubicLoop> edges() {
        List<CubicLoop> edges = new ArrayList<>();
        for (Polygon shape : shapes) {
            edges.add(PrintedShape.loop(shape.getExteriorRing()));
            for (int i = 0; i < shape.getNumInteriorRing(); i++) {
                edges.add(PrintedShape.loop(shape.getInteriorRingN(i)));
            }
        }
        return edges;
    }
}
