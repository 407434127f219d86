package neattrace.press.trap;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import neattrace.press.Tints;
import org.locationtech.jts.algorithm.InteriorPointArea;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.util.LinearComponentExtracter;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.noding.NodedSegmentString;
import org.locationtech.jts.noding.SegmentString;
import org.locationtech.jts.noding.snapround.SnapRoundingNoder;
import org.locationtech.jts.operation.linemerge.LineMerger;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/** What is seen of shapes that lie over one another: for each colour its faces, and their seams. */
final class VisibleInks {

    /** Paper. */
    static final int BARE = Integer.MAX_VALUE;

    /** Edges are moved by no more than half of this, mm. */
    static final double GRID_MM = 1e-4;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private record Edge(double ax, double ay, double bx, double by) {

        static Edge of(Coordinate a, Coordinate b) {
            boolean turn = a.x > b.x || a.x == b.x && a.y > b.y;
            return turn ? new Edge(b.x, b.y, a.x, a.y) : new Edge(a.x, a.y, b.x, b.y);
        }
    }

    private record Part(IndexedPointInAreaLocator locator, int order, int tints) {}

    private final List<Tints> tints = new ArrayList<>();
    private final STRtree parts = new STRtree();
    private final Map<Integer, List<Polygon>> faces = new TreeMap<>();
    private final Map<Edge, int[]> sides = new HashMap<>();
    private final Map<Integer, Geometry> united = new ConcurrentHashMap<>();

    private final boolean together;

    private VisibleInks(boolean together) {
        this.together = together;
    }

    /**
     * What is seen.
     *
     * @param shapes lowest first
     */
    static VisibleInks of(List<Inked> shapes) {
        return of(shapes, false);
    }

    /**
     * What lies there where none of the shapes knocks another one out: of each ink the most of all
     * that cover a place.
     */
    static VisibleInks together(List<Inked> shapes) {
        return of(shapes, true);
    }

    private static VisibleInks of(List<Inked> shapes, boolean together) {
        VisibleInks visible = new VisibleInks(together);
        List<SegmentString> edges = new ArrayList<>();
        int order = 0;
        for (Inked one : shapes) {
            // What knocks out all ink and has none is paper.
            int number = one.tints().total() == 0 ? BARE : visible.number(one.tints());
            for (int i = 0; i < one.shape().getNumGeometries(); i++) {
                if (one.shape().getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                    visible.parts.insert(
                            polygon.getEnvelopeInternal(),
                            new Part(new IndexedPointInAreaLocator(polygon), order++, number));
                    for (Object line : LinearComponentExtracter.getLines(polygon)) {
                        edges.add(
                                new NodedSegmentString(((LineString) line).getCoordinates(), null));
                    }
                }
            }
        }
        if (!edges.isEmpty()) {
            visible.face(edges);
        }
        return visible;
    }

    private int number(Tints one) {
        for (int i = 0; i < tints.size(); i++) {
            if (tints.get(i).isSameInk(one)) {
                return i;
            }
        }
        tints.add(one);
        return tints.size() - 1;
    }

    private void face(List<SegmentString> edges) {
        SnapRoundingNoder noder = new SnapRoundingNoder(new PrecisionModel(1 / GRID_MM));
        noder.computeNodes(edges);
        Map<Edge, Boolean> known = new HashMap<>();
        LineMerger merger = new LineMerger();
        for (Object one : (Collection<?>) noder.getNodedSubstrings()) {
            Coordinate[] at = ((SegmentString) one).getCoordinates();
            for (int i = 0; i + 1 < at.length; i++) {
                if (!at[i].equals2D(at[i + 1])
                        && known.putIfAbsent(Edge.of(at[i], at[i + 1]), true) == null) {
                    merger.add(line(at[i], at[i + 1]));
                }
            }
        }
        Polygonizer polygonizer = new Polygonizer();
        polygonizer.add(merger.getMergedLineStrings());
        for (Object one : polygonizer.getPolygons()) {
            Polygon polygon = (Polygon) one;
            int number = uppermost(polygon);
            if (number != BARE) {
                faces.computeIfAbsent(number, id -> new ArrayList<>()).add(polygon);
                side(polygon, number);
            }
        }
    }

    private int uppermost(Polygon face) {
        Coordinate inside = InteriorPointArea.getInteriorPoint(face);
        Part top = null;
        Tints all = Tints.NONE;
        for (Object one : parts.query(new Envelope(inside))) {
            Part part = (Part) one;
            boolean above = together || top == null || part.order > top.order;
            if (above && part.locator.locate(inside) != Location.EXTERIOR) {
                top = part;
                all = together ? all.most(tints.get(part.tints)) : all;
            }
        }
        if (top == null) {
            return BARE;
        }
        return together ? number(all) : top.tints;
    }

    private void side(Polygon polygon, int number) {
        ring(polygon.getExteriorRing(), number);
        for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
            ring(polygon.getInteriorRingN(i), number);
        }
    }

    private void ring(LinearRing ring, int number) {
        Coordinate[] at = ring.getCoordinates();
        for (int i = 0; i + 1 < at.length; i++) {
            sides.merge(
                    Edge.of(at[i], at[i + 1]),
                    new int[] {number, BARE},
                    (one, other) -> new int[] {one[0], other[0]});
        }
    }

    List<Tints> tints() {
        return tints;
    }

    /** All that is seen in some tints, mm; empty if they are hidden altogether. */
    Geometry faces(int number) {
        List<Polygon> own = faces.getOrDefault(number, List.of());
        return FACTORY.createMultiPolygon(own.toArray(Polygon[]::new));
    }

    /** The same as valid polygons: faces that share an edge are one. */
    Geometry united(int number) {
        return united.computeIfAbsent(number, this::unite);
    }

    private Geometry unite(int number) {
        List<Polygon> own = faces.getOrDefault(number, List.of());
        return own.size() < 2 ? faces(number) : OverlayNGRobust.union(List.copyOf(own));
    }

    /** Where colours meet one another, or paper. */
    List<Seam> seams() {
        Map<Integer, Map<Integer, LineMerger>> lines = new TreeMap<>();
        sides.forEach(
                (edge, both) -> {
                    int first = Math.min(both[0], both[1]);
                    int second = Math.max(both[0], both[1]);
                    if (first != second) {
                        lines.computeIfAbsent(first, id -> new TreeMap<>())
                                .computeIfAbsent(second, id -> new LineMerger())
                                .add(
                                        line(
                                                new Coordinate(edge.ax, edge.ay),
                                                new Coordinate(edge.bx, edge.by)));
                    }
                });
        List<Seam> seams = new ArrayList<>();
        lines.forEach(
                (first, others) ->
                        others.forEach(
                                (second, merger) ->
                                        seams.add(
                                                new Seam(
                                                        first,
                                                        second,
                                                        FACTORY.buildGeometry(
                                                                merger.getMergedLineStrings())))));
        return seams;
    }

    private static LineString line(Coordinate a, Coordinate b) {
        return FACTORY.createLineString(new Coordinate[] {a, b});
    }
}
