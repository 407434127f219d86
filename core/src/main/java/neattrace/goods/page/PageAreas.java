package neattrace.goods.page;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.goods.cut.PrintedShape;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.stage.Progress;
import neattrace.stage.Same;
import neattrace.stage.Stage;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.MultiPolygon;
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

    private static final Stage<Reads, PageAreas> AREAS =
            new Stage<>(
                    "Looking at the areas",
                    (reads, run) -> of(reads, reads.ink(), List.of(), run.progress()));

    /** What is read of a drawing. */
    private record Reads(
            Same<List<Outline>> lines,
            Same<AreaMap> areas,
            Same<List<MultiPolygon>> outlines,
            Map<Integer, Integer> swatchOf,
            double mmPerPx,
            double widthMm,
            double heightMm) {

        static Reads of(Drawing drawing) {
            return new Reads(
                    Same.of(drawing.lines()),
                    Same.of(drawing.areas()),
                    Same.of(drawing.areaOutlines()),
                    drawing.attachment().swatchOf(),
                    drawing.resolution().mmPerPx(),
                    drawing.widthMm(),
                    drawing.heightMm());
        }

        Geometry ink() {
            return PrintedShape.of(lines.value(), List.of(), false);
        }
    }

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
        Reads reads = Reads.of(drawing);
        return of(reads, reads.ink(), List.of(), progress);
    }

    /** The same, kept by a pipeline as long as neither lines nor areas nor colours change. */
    public static PageAreas of(Pipeline pipeline, Drawing drawing, Progress progress) {
        return pipeline.made(AREAS, Reads.of(drawing), progress);
    }

    /** All lines of a drawing as polygons, mm. */
    public static Geometry ink(Drawing drawing) {
        return Reads.of(drawing).ink();
    }

    /**
     * The same with other ink.
     *
     * @param opened places at which what is one paper is one area, whatever the drawing says
     */
    static PageAreas of(Drawing drawing, Geometry ink, List<Point> opened, Progress progress) {
        return of(Reads.of(drawing), ink, opened, progress);
    }

    private static PageAreas of(Reads reads, Geometry ink, List<Point> opened, Progress progress) {
        Geometry page = FACTORY.toGeometry(new Envelope(0, reads.widthMm(), 0, reads.heightMm()));
        Geometry paper = OverlayNGRobust.overlay(page, ink, OverlayNG.DIFFERENCE);
        progress.report("Looking at the areas", 0.4);
        List<Polygon> pieces = new ArrayList<>();
        for (Object one : PolygonExtracter.getPolygons(paper)) {
            pieces.add((Polygon) one);
        }
        List<Found> found = found(reads, pieces, opened);
        progress.report("Looking at the areas", 0.5);
        List<PageArea> areas =
                found.parallelStream()
                        .filter(one -> !one.outside())
                        .map(one -> area(one, reads.swatchOf()))
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

    private static List<Found> found(Reads reads, List<Polygon> pieces, List<Point> opened) {
        List<List<Area>> within = within(reads, pieces);
        return IntStream.range(0, pieces.size())
                .parallel()
                .boxed()
                .flatMap(
                        k ->
                                split(
                                        reads,
                                        pieces.get(k),
                                        within.get(k),
                                        holds(pieces.get(k), opened))
                                        .stream())
                .toList();
    }

    /** The drawing's areas that lie in each piece of paper. */
    private static List<List<Area>> within(Reads reads, List<Polygon> pieces) {
        STRtree tree = new STRtree();
        List<IndexedPointInAreaLocator> locators = new ArrayList<>();
        List<List<Area>> within = new ArrayList<>();
        for (int k = 0; k < pieces.size(); k++) {
            tree.insert(pieces.get(k).getEnvelopeInternal(), k);
            locators.add(new IndexedPointInAreaLocator(pieces.get(k)));
            within.add(new ArrayList<>());
        }
        for (Area area : reads.areas().value().areas()) {
            Point at = area.anchor().times(reads.mmPerPx());
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
            Reads reads, Polygon piece, List<Area> within, boolean united) {
        if (within.isEmpty()) {
            boolean edge = touchesEdge(piece, reads);
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
                            reads.outlines().value().get(area.label()),
                            OverlayNG.INTERSECTION);
            largest(part).ifPresent(one -> found.add(new Found(area.label(), one, area.outside())));
        }
        return found;
    }

    private static Optional<Polygon> largest(Geometry parts) {
        List<?> polygons = PolygonExtracter.getPolygons(parts);
        return polygons.stream()
                .map(Polygon.class::cast)
                .max(Comparator.comparingDouble(Polygon::getArea));
    }

    private static boolean touchesEdge(Polygon piece, Reads reads) {
        Envelope box = piece.getEnvelopeInternal();
        return box.getMinX() <= 0
                || box.getMinY() <= 0
                || box.getMaxX() >= reads.widthMm()
                || box.getMaxY() >= reads.heightMm();
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
