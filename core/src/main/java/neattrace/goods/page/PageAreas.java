package neattrace.goods.page;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import neattrace.flat.LineLayer;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.goods.cut.PrintedShape;
import neattrace.job.pipeline.Drawing;
import neattrace.region.Area;
import neattrace.stage.Progress;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * The paper of a drawing as a pencil meets it, mm on its page.
 *
 * @param ink all lines, valid polygons
 * @param areas enclosed paper, areas of the drawing first, by their labels
 * @param outside paper round the drawing
 */
public record PageAreas(Geometry ink, List<PageArea> areas, List<Polygon> outside) {

    /** How exact circles are, mm; and not less than this share of their radius. */
    private static final double EXACT_MM = 0.004;

    private static final double EXACT_SHARE = 0.002;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    public PageAreas {
        areas = List.copyOf(areas);
        outside = List.copyOf(outside);
    }

    /**
     * The paper of a drawing, areas as they are at the closing width of its job. Time grows with
     * the points of all lines; 0.1 s for a usual drawing.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static PageAreas of(Drawing drawing, Progress progress) {
        progress.report("Looking at the areas", 0);
        return of(drawing, ink(drawing), List.of(), progress);
    }

    /** All lines of a drawing as polygons, mm. */
    public static Geometry ink(Drawing drawing) {
        List<Outline> lines = new ArrayList<>(drawing.traced().blackLines());
        for (LineLayer layer : drawing.traced().colouredLines()) {
            lines.addAll(layer.shapes());
        }
        return PrintedShape.of(lines, List.of(), false);
    }

    /**
     * The same with other ink.
     *
     * @param opened places at which what is one paper is one area, whatever the drawing says
     */
    static PageAreas of(Drawing drawing, Geometry ink, List<Point> opened, Progress progress) {
        Polygon page =
                (Polygon)
                        FACTORY.toGeometry(
                                new Envelope(0, drawing.widthMm(), 0, drawing.heightMm()));
        Geometry paper = OverlayNGRobust.overlay(page, ink, OverlayNG.DIFFERENCE);
        progress.report("Looking at the areas", 0.4);
        List<Polygon> pieces = new ArrayList<>();
        for (Object one : PolygonExtracter.getPolygons(paper)) {
            pieces.add((Polygon) one);
        }
        List<Found> found = found(drawing, pieces, opened);
        progress.report("Looking at the areas", 0.5);
        List<PageArea> areas =
                found.parallelStream()
                        .filter(one -> !one.outside())
                        .map(one -> area(one, drawing.attachment().swatchOf()))
                        .sorted(Comparator.comparingInt(PageAreas::order))
                        .toList();
        List<Polygon> outside = found.stream().filter(Found::outside).map(Found::paper).toList();
        return new PageAreas(ink, areas, outside);
    }

    /** Flecks come last. */
    private static int order(PageArea area) {
        return area.label() < 0 ? Integer.MAX_VALUE : area.label();
    }

    /** Paper and the area it belongs to. */
    private record Found(int label, Polygon paper, boolean outside) {}

    private static List<Found> found(Drawing drawing, List<Polygon> pieces, List<Point> opened) {
        List<List<Area>> within = within(drawing, pieces);
        return IntStream.range(0, pieces.size())
                .parallel()
                .boxed()
                .flatMap(
                        k ->
                                split(
                                        drawing,
                                        pieces.get(k),
                                        within.get(k),
                                        holds(pieces.get(k), opened))
                                        .stream())
                .toList();
    }

    /** The drawing's areas that lie in each piece of paper. */
    private static List<List<Area>> within(Drawing drawing, List<Polygon> pieces) {
        STRtree tree = new STRtree();
        List<IndexedPointInAreaLocator> locators = new ArrayList<>();
        List<List<Area>> within = new ArrayList<>();
        for (int k = 0; k < pieces.size(); k++) {
            tree.insert(pieces.get(k).getEnvelopeInternal(), k);
            locators.add(new IndexedPointInAreaLocator(pieces.get(k)));
            within.add(new ArrayList<>());
        }
        for (Area area : drawing.areas().areas()) {
            Point at = drawing.anchorMm(area);
            Coordinate place = new Coordinate(at.x(), at.y());
            for (Object each : tree.query(new Envelope(place))) {
                int k = (int) each;
                if (locators.get(k).locate(place) != Location.EXTERIOR) {
                    within.get(k).add(area);
                    break;
                }
            }
        }
        return within;
    }

    private static boolean holds(Polygon piece, Collection<Point> places) {
        for (Point at : places) {
            Coordinate place = new Coordinate(at.x(), at.y());
            if (piece.getEnvelopeInternal().contains(place)
                    && piece.contains(FACTORY.createPoint(place))) {
                return true;
            }
        }
        return false;
    }

    private static List<Found> split(
            Drawing drawing, Polygon piece, List<Area> within, boolean united) {
        if (within.isEmpty()) {
            boolean edge = touchesEdge(piece, drawing);
            return List.of(new Found(-1, piece, edge));
        }
        if (within.size() == 1 || united) {
            Area largest =
                    within.stream().max(Comparator.comparingLong(Area::pixels)).orElseThrow();
            return List.of(new Found(largest.label(), piece, largest.outside()));
        }
        List<Found> found = new ArrayList<>();
        for (Area area : within) {
            Geometry part =
                    OverlayNGRobust.overlay(
                            piece,
                            drawing.areaOutlines().get(area.label()),
                            OverlayNG.INTERSECTION);
            largest(part).ifPresent(one -> found.add(new Found(area.label(), one, area.outside())));
        }
        return found;
    }

    private static java.util.Optional<Polygon> largest(Geometry parts) {
        List<?> polygons = PolygonExtracter.getPolygons(parts);
        return polygons.stream()
                .map(Polygon.class::cast)
                .max(Comparator.comparingDouble(Polygon::getArea));
    }

    private static boolean touchesEdge(Polygon piece, Drawing drawing) {
        Envelope box = piece.getEnvelopeInternal();
        return box.getMinX() <= 0
                || box.getMinY() <= 0
                || box.getMaxX() >= drawing.widthMm()
                || box.getMaxY() >= drawing.heightMm();
    }

    private static PageArea area(Found found, Map<Integer, Integer> swatchOf) {
        Polygon paper = found.paper();
        Envelope box = paper.getEnvelopeInternal();
        double exact = Math.max(EXACT_MM, EXACT_SHARE * Math.min(box.getWidth(), box.getHeight()));
        MaximumInscribedCircle circle = new MaximumInscribedCircle(paper, exact);
        Coordinate middle = circle.getCenter().getCoordinate();
        double radius = circle.getRadiusLine().getLength();
        return new PageArea(
                found.label(),
                paper,
                new Point(middle.x, middle.y),
                radius,
                swatchOf.getOrDefault(found.label(), 0));
    }
}
