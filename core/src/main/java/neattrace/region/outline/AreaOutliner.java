package neattrace.region.outline;

import java.util.ArrayList;
import java.util.List;
import neattrace.progress.Progress;
import neattrace.region.AreaMap;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.coverage.CoverageSimplifier;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;

/**
 * Turns an area map into polygons that together cover the page without gap or overlap: every area
 * reaches beneath the ink to the middle of the line and meets its neighbour there.
 */
public final class AreaOutliner {

    /** Bends smaller than this are dropped, px. */
    private static final double TOLERANCE_PX = 0.7;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private AreaOutliner() {}

    /** One valid polygonal geometry for each area, at the index of its label, in source px. */
    public static List<MultiPolygon> outline(AreaMap map, Progress progress) {
        int count = map.areas().size();
        if (count == 0) {
            return List.of();
        }
        progress.report("Following the areas' edges", 0);
        List<List<CrackRings.Ring>> rings = CrackRings.of(map);
        Geometry[] raw = new Geometry[count];
        for (int label = 0; label < count; label++) {
            raw[label] = assemble(rings.get(label));
        }
        progress.report("Smoothing the areas' edges", 0.5);
        Geometry[] simple = CoverageSimplifier.simplify(raw, TOLERANCE_PX);
        List<MultiPolygon> result = new ArrayList<>(count);
        for (Geometry geometry : simple) {
            result.add(multi(geometry));
        }
        progress.report("Areas outlined", 1);
        return result;
    }

    private static MultiPolygon multi(Geometry geometry) {
        List<Polygon> polygons = new ArrayList<>();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                polygons.add(polygon);
            }
        }
        return FACTORY.createMultiPolygon(polygons.toArray(Polygon[]::new));
    }

    private static MultiPolygon assemble(List<CrackRings.Ring> rings) {
        List<LinearRing> shells = new ArrayList<>();
        List<LinearRing> holes = new ArrayList<>();
        for (CrackRings.Ring ring : rings) {
            (ring.hole() ? holes : shells).add(FACTORY.createLinearRing(ring.coordinates()));
        }
        List<List<LinearRing>> holesOf = new ArrayList<>();
        shells.forEach(shell -> holesOf.add(new ArrayList<>()));
        for (LinearRing hole : holes) {
            holesOf.get(shells.size() == 1 ? 0 : owner(hole, shells)).add(hole);
        }
        Polygon[] polygons = new Polygon[shells.size()];
        for (int i = 0; i < polygons.length; i++) {
            polygons[i] =
                    FACTORY.createPolygon(shells.get(i), holesOf.get(i).toArray(LinearRing[]::new));
        }
        return FACTORY.createMultiPolygon(polygons);
    }

    /** The smallest shell that encloses the hole. */
    private static int owner(LinearRing hole, List<LinearRing> shells) {
        int best = 0;
        double bestSize = Double.MAX_VALUE;
        for (int i = 0; i < shells.size(); i++) {
            LinearRing shell = shells.get(i);
            double size = shell.getEnvelopeInternal().getArea();
            if (size < bestSize
                    && shell.getEnvelopeInternal().contains(hole.getEnvelopeInternal())
                    && encloses(shell, hole)) {
                best = i;
                bestSize = size;
            }
        }
        return best;
    }

    private static boolean encloses(LinearRing shell, LinearRing hole) {
        IndexedPointInAreaLocator locator = new IndexedPointInAreaLocator(shell);
        for (int i = 0; i < hole.getNumPoints(); i++) {
            int place = locator.locate(hole.getCoordinateN(i));
            if (place != Location.BOUNDARY) {
                return place == Location.INTERIOR;
            }
        }
        return true;
    }
}
