package neattrace.goods.sticker;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import neattrace.goods.cut.PrintedShape;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.triangulate.VoronoiDiagramBuilder;

/** Carries the colours of an edge outwards. */
final class EdgeColours {

    /** The edge is looked at every so many mm. */
    private static final double STEP_MM = 0.3;

    /** So far within the edge its colour is looked for, mm. */
    private static final double WITHIN_MM = 0.08;

    /** More places than these would take too long; they lie farther apart then. */
    private static final int MOST_PLACES = 4000;

    private record Seen(PrintLayer layer, PrintObject object, List<IndexedPointInAreaLocator> at) {

        boolean covers(Coordinate place) {
            return at.stream().anyMatch(one -> one.locate(place) != Location.EXTERIOR);
        }
    }

    private final List<Seen> seen = new ArrayList<>();
    private final Geometry silhouette;

    private EdgeColours(PrintPlan art, Geometry silhouette) {
        this.silhouette = silhouette;
        for (PrintLayer layer : art.layers()) {
            if (layer.onScreen()) {
                layer.objects().forEach(object -> see(layer, object));
            }
        }
    }

    private void see(PrintLayer layer, PrintObject object) {
        Geometry shape;
        if (object.shape() instanceof PrintShape.Filled filled) {
            shape = filled.polygons();
        } else if (object.shape() instanceof PrintShape.Curved curved) {
            shape = PrintedShape.of(List.of(curved.outline()), List.of(), false);
        } else {
            return;
        }
        List<IndexedPointInAreaLocator> at = new ArrayList<>();
        for (Object one : PolygonExtracter.getPolygons(shape)) {
            at.add(new IndexedPointInAreaLocator((Polygon) one));
        }
        seen.add(new Seen(layer, object, at));
    }

    /**
     * Layers of what runs on beyond a silhouette.
     *
     * @param art what is printed, mm
     * @param within where it runs to, mm
     */
    static List<PrintLayer> carried(PrintPlan art, Geometry silhouette, Geometry within) {
        return new EdgeColours(art, silhouette).carried(within);
    }

    private List<PrintLayer> carried(Geometry within) {
        Map<PrintLayer, List<Coordinate>> places = places();
        Geometry beyond = OverlayNGRobust.overlay(within, silhouette, OverlayNG.DIFFERENCE);
        List<PrintLayer> layers = new ArrayList<>();
        if (places.size() == 1) {
            layers.add(layer(places.keySet().iterator().next(), beyond));
            return layers;
        }
        Map<Coordinate, PrintLayer> of = new LinkedHashMap<>();
        places.forEach((layer, at) -> at.forEach(place -> of.put(place, layer)));
        VoronoiDiagramBuilder builder = new VoronoiDiagramBuilder();
        builder.setSites(new ArrayList<>(of.keySet()));
        builder.setClipEnvelope(within.getEnvelopeInternal());
        Map<PrintLayer, List<Geometry>> cells = new LinkedHashMap<>();
        Geometry diagram = builder.getDiagram(silhouette.getFactory());
        for (int i = 0; i < diagram.getNumGeometries(); i++) {
            Geometry cell = diagram.getGeometryN(i);
            PrintLayer layer = of.get((Coordinate) cell.getUserData());
            if (layer != null) {
                cells.computeIfAbsent(layer, key -> new ArrayList<>()).add(cell);
            }
        }
        cells.forEach(
                (layer, own) -> {
                    Geometry all =
                            OverlayNGRobust.union(silhouette.getFactory().buildGeometry(own));
                    layers.add(
                            layer(
                                    layer,
                                    OverlayNGRobust.overlay(beyond, all, OverlayNG.INTERSECTION)));
                });
        return layers;
    }

    private static PrintLayer layer(PrintLayer like, Geometry shape) {
        PrintObject first = like.objects().get(0);
        return new PrintLayer(
                "Bleed " + like.name(),
                PrintLayer.Kind.BLEED,
                like.screen(),
                like.inks(),
                List.of(PrintObject.of(new PrintShape.Filled(shape), first.tints())),
                List.of());
    }

    /** Places along the edge by the layer that is seen there. */
    private Map<PrintLayer, List<Coordinate>> places() {
        Map<PrintLayer, List<Coordinate>> places = new LinkedHashMap<>();
        double step = Math.max(STEP_MM, silhouette.getLength() / MOST_PLACES);
        for (Object one : PolygonExtracter.getPolygons(silhouette)) {
            LineString ring = ((Polygon) one).getExteriorRing();
            Coordinate[] at = ring.getCoordinates();
            double next = 0;
            double before = 0;
            boolean left = Orientation.isCCW(at);
            for (int i = 0; i + 1 < at.length; i++) {
                double length = at[i].distance(at[i + 1]);
                for (; next < before + length; next += step) {
                    look(at[i], at[i + 1], (next - before) / length, left, places);
                }
                before += length;
            }
        }
        return places;
    }

    private void look(
            Coordinate from,
            Coordinate to,
            double share,
            boolean left,
            Map<PrintLayer, List<Coordinate>> places) {
        double length = from.distance(to);
        double side = left ? WITHIN_MM / length : -WITHIN_MM / length;
        double x = from.x + share * (to.x - from.x);
        double y = from.y + share * (to.y - from.y);
        Coordinate inside = new Coordinate(x - side * (to.y - from.y), y + side * (to.x - from.x));
        for (int i = seen.size() - 1; i >= 0; i--) {
            if (seen.get(i).covers(inside)) {
                places.computeIfAbsent(seen.get(i).layer(), key -> new ArrayList<>())
                        .add(new Coordinate(x, y));
                return;
            }
        }
    }
}
