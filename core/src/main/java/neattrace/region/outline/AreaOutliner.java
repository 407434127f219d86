package neattrace.region.outline;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import neattrace.region.AreaMap;
import neattrace.region.tree.AreaTree;
import neattrace.stage.Progress;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.coverage.CoverageSimplifier;
import org.locationtech.jts.coverage.CoverageUnion;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Turns an area map into polygons that together cover the page without gap or overlap: every area
 * reaches beneath the ink to the middle of the line and meets its neighbour there.
 */
public final class AreaOutliner {

    /** Bends smaller than this are dropped, px. */
    private static final double TOLERANCE_PX = 0.7;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private AreaOutliner() {}

    /** One valid polygonal geometry for each cell, at the index of its label, in mm. */
    public static List<MultiPolygon> outline(AreaTree tree, Progress progress) {
        int count = tree.cells().size();
        if (count == 0) {
            return List.of();
        }
        progress.report("Following the areas' edges", 0);
        List<List<CrackRings.Ring>> rings = CrackRings.of(tree);
        Geometry[] raw = new Geometry[count];
        for (int label = 0; label < count; label++) {
            raw[label] = assemble(rings.get(label));
        }
        progress.report("Smoothing the areas' edges", 0.5);
        Geometry[] simple =
                new LineSnap(tree.unseenLines(), tree.pxPerMm())
                        .snapped(CoverageSimplifier.simplify(raw, TOLERANCE_PX));
        AffineTransformation toMm =
                AffineTransformation.scaleInstance(1 / tree.pxPerMm(), 1 / tree.pxPerMm());
        List<MultiPolygon> result = new ArrayList<>(count);
        for (Geometry geometry : simple) {
            result.add(multi(toMm.transform(geometry)));
        }
        progress.report("Areas outlined", 1);
        return result;
    }

    /**
     * The outlines of areas, each united from those of its cells along the edges they share.
     *
     * @param cells the cells' outlines
     * @param map which area each cell is part of
     * @param before areas and outlines of the same cells at other settings, taken over where an
     *     area has the same cells; null if there are none
     */
    public static List<MultiPolygon> unite(List<MultiPolygon> cells, AreaMap map, Outlined before) {
        List<List<Integer>> members = members(map);
        Map<List<Integer>, MultiPolygon> known = new HashMap<>();
        if (before != null) {
            List<List<Integer>> old = members(before.map());
            for (int label = 0; label < old.size(); label++) {
                known.put(old.get(label), before.outlines().get(label));
            }
        }
        List<MultiPolygon> outlines = new ArrayList<>(members.size());
        for (List<Integer> own : members) {
            MultiPolygon same = known.get(own);
            outlines.add(same != null ? same : united(own, cells));
        }
        return outlines;
    }

    /** Areas with their outlines. */
    public record Outlined(AreaMap map, List<MultiPolygon> outlines) {}

    private static List<List<Integer>> members(AreaMap map) {
        List<List<Integer>> members = new ArrayList<>();
        map.areas().forEach(area -> members.add(new ArrayList<>()));
        for (int cell = 0; cell < map.areaOf().length; cell++) {
            members.get(map.areaOf()[cell]).add(cell);
        }
        return members;
    }

    private static MultiPolygon united(List<Integer> own, List<MultiPolygon> cells) {
        if (own.size() == 1) {
            return cells.get(own.get(0));
        }
        return multi(CoverageUnion.union(own.stream().map(cells::get).toArray(Geometry[]::new)));
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
