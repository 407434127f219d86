package neattrace.goods.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.making.PageMend;
import neattrace.job.pipeline.Drawing;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Takes ink away where areas are too small for a pencil. */
public final class PageMending {

    /** Widened by so much more than needed, mm on the finished page: edges are not exact. */
    private static final double SPARE_MM = 0.03;

    /** How wide an opening is on the finished page, mm. */
    private static final double OPENING_MM = 2;

    /** An opening goes so far into both areas, mm on the finished page. */
    private static final double INTO_MM = 0.3;

    /** No line that is opened is wider, mm on the finished page. */
    private static final double WIDEST_LINE_MM = 4;

    private static final int QUARTER = 12;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final PageAreas areas;
    private final Goods goods;
    private final double factor;
    private final STRtree papers = new STRtree();

    /**
     * Mends for the areas of a page.
     *
     * @param factor how many times as large as drawn it comes out
     */
    public PageMending(PageAreas areas, Goods goods, double factor) {
        this.areas = areas;
        this.goods = goods;
        this.factor = factor;
        for (PageArea area : areas.areas()) {
            papers.insert(area.paper().getEnvelopeInternal(), area.paper());
        }
        for (Polygon outside : areas.outside()) {
            papers.insert(outside.getEnvelopeInternal(), outside);
        }
        papers.build();
    }

    /** The areas with all mends, the same value if there are none. */
    static PageAreas of(
            Drawing drawing,
            PageAreas areas,
            List<PageMend> mends,
            Goods goods,
            double factor,
            Progress progress) {
        PageMending mending = mends.isEmpty() ? null : new PageMending(areas, goods, factor);
        List<Geometry> taken = new ArrayList<>();
        List<Point> opened = new ArrayList<>();
        for (PageMend mend : mends) {
            Optional<Geometry> ink = mending.taken(mend);
            ink.ifPresent(taken::add);
            if (ink.isPresent() && mend.how() == PageMend.How.OPEN) {
                opened.add(mend.at());
            }
        }
        if (taken.isEmpty()) {
            return areas;
        }
        Geometry less =
                OverlayNGRobust.overlay(
                        areas.ink(),
                        OverlayNGRobust.union(FACTORY.buildGeometry(taken)),
                        OverlayNG.DIFFERENCE);
        return PageAreas.of(drawing, less, opened, progress);
    }

    /** The ink that a mend takes away, mm on the drawing's page; empty if there is no such area. */
    public Optional<Geometry> taken(PageMend mend) {
        return areaAt(mend.at())
                .flatMap(area -> mend.how() == PageMend.How.WIDEN ? widened(area) : opening(area));
    }

    /** Whether an area has room enough if the lines round it give way. */
    public boolean canWiden(PageArea area) {
        double more = more(area);
        IndexedFacetDistance edge = new IndexedFacetDistance(area.paper());
        double line = goods.detail().lineMm() / factor;
        return others(area, more + line).stream()
                .allMatch(other -> edge.distance(other) >= more + line);
    }

    private Optional<PageArea> areaAt(Point at) {
        Geometry place = FACTORY.createPoint(new Coordinate(at.x(), at.y()));
        return areas.areas().stream()
                .filter(
                        area ->
                                area.paper()
                                                .getEnvelopeInternal()
                                                .contains(place.getEnvelopeInternal())
                                        && area.paper().contains(place))
                .findFirst();
    }

    /** How far the lines round an area must give way, mm on the drawing's page. */
    private double more(PageArea area) {
        return (goods.detail().areaMm() + SPARE_MM) / factor / 2 - area.radiusMm();
    }

    private List<Polygon> others(PageArea area, double reach) {
        Envelope box = new Envelope(area.paper().getEnvelopeInternal());
        box.expandBy(reach);
        List<Polygon> others = new ArrayList<>();
        for (Object each : papers.query(box)) {
            if (each != area.paper()) {
                others.add((Polygon) each);
            }
        }
        return others;
    }

    private Optional<Geometry> widened(PageArea area) {
        double more = more(area);
        if (more <= 0) {
            return Optional.empty();
        }
        double line = goods.detail().lineMm() / factor;
        Geometry wide = BufferOp.bufferOp(area.paper(), more, QUARTER);
        for (Polygon other : others(area, more + line)) {
            // A line stays between the two, as thin as it holds.
            Geometry kept = BufferOp.bufferOp(other, line, QUARTER);
            wide = OverlayNGRobust.overlay(wide, kept, OverlayNG.DIFFERENCE);
        }
        return wide.isEmpty() ? Optional.empty() : Optional.of(wide);
    }

    /** The neighbour it opens to: one of its own colour if there is one, else the nearest. */
    private Optional<Polygon> neighbour(PageArea area) {
        double reach = WIDEST_LINE_MM / factor;
        IndexedFacetDistance edge = new IndexedFacetDistance(area.paper());
        Polygon best = null;
        double least = Double.MAX_VALUE;
        for (PageArea other : areas.areas()) {
            if (other.paper() == area.paper()) {
                continue;
            }
            Envelope box = new Envelope(area.paper().getEnvelopeInternal());
            box.expandBy(reach);
            if (!box.intersects(other.paper().getEnvelopeInternal())) {
                continue;
            }
            double away = edge.distance(other.paper());
            boolean alike = area.swatch() != 0 && area.swatch() == other.swatch();
            double cost = alike ? away / 2 : away;
            if (away <= reach && cost < least) {
                least = cost;
                best = other.paper();
            }
        }
        return Optional.ofNullable(best);
    }

    private Optional<Geometry> opening(PageArea area) {
        return neighbour(area)
                .map(
                        other -> {
                            Coordinate[] way = DistanceOp.nearestPoints(area.paper(), other);
                            return slot(way[0], way[1]);
                        });
    }

    private Geometry slot(Coordinate from, Coordinate to) {
        double length = Math.max(1e-9, from.distance(to));
        double dx = (to.x - from.x) / length * INTO_MM / factor;
        double dy = (to.y - from.y) / length * INTO_MM / factor;
        return FlatLine.of(
                new Coordinate(from.x - dx, from.y - dy),
                new Coordinate(to.x + dx, to.y + dy),
                OPENING_MM / factor);
    }
}
