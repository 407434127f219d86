package neattrace.goods.stencil;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import neattrace.geom.Point;
import neattrace.goods.making.StencilRecipe;
import neattrace.raster.RunLabels;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * A sheet with what is cut out of it, mm on the sheet.
 *
 * @param sheet all of it
 * @param away what is to be cut away, without ties
 * @param islands what would fall out of it and is held
 * @param dropped islands so small that they fall out
 * @param ties what holds the islands
 * @param cut what the blade removes, ties and thickened webs taken out of it
 * @param webs that are narrower than they should be
 * @param pieces that the sheet is in after cutting, as its labels on a raster tell
 */
public record CutStencil(
        Polygon sheet,
        Geometry away,
        List<Island> islands,
        List<Polygon> dropped,
        List<Tie> ties,
        Geometry cut,
        List<Web> webs,
        int pieces) {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** A tie put somewhere by hand goes where one can run, no farther off than this, mm. */
    private static final double NEAR_MM = 8;

    /** A tie that is not wanted keeps others off so far, times its width. */
    private static final double REFUSED = 1.2;

    /** Ties that could be, at most for each island: the shortest. */
    private static final int MOST_PER_ISLAND = 40;

    /** Slivers that overlays leave, mm2. */
    private static final double NOTHING_MM2 = 1e-6;

    /** What is thinner than a pixel comes apart on a raster; it is no larger than this, mm2. */
    private static final double BROKEN_MM2 = 0.3;

    public CutStencil {
        islands = List.copyOf(islands);
        dropped = List.copyOf(dropped);
        ties = List.copyOf(ties);
        webs = List.copyOf(webs);
    }

    /**
     * Makes one. Time goes with the sheet's size, up to 9 million pixels, and with the number of
     * islands; a second for 400 of them on A4.
     *
     * @param sheet its size, mm
     * @param ink what is to be cut away, valid polygons on the sheet, mm
     * @param webMm the least width of what stays
     * @param onSheet from the drawing's page, on which ties were decided, to the sheet
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static CutStencil of(
            Envelope sheet,
            Geometry ink,
            StencilRecipe recipe,
            double webMm,
            UnaryOperator<Point> onSheet,
            Progress progress) {
        Polygon page = (Polygon) FACTORY.toGeometry(sheet);
        progress.report("Looking for islands", 0);
        List<Polygon> pieces = pieces(page, ink);
        List<Polygon> dropped = new ArrayList<>();
        for (Polygon piece : pieces.subList(Math.min(1, pieces.size()), pieces.size())) {
            if (piece.getArea() <= recipe.dropMm2()) {
                dropped.add(piece);
            }
        }
        pieces.removeAll(dropped);
        Geometry away = with(ink, dropped, OverlayNG.UNION);
        progress.report("Laying ties", 0.2);
        SheetRaster raster = SheetRaster.of(sheet, pieces);
        List<Tie> ties =
                pieces.size() < 2 ? List.of() : ties(raster, pieces, recipe, onSheet, progress);
        List<Polygon> bridges = ties.stream().map(Tie::shape).toList();
        Geometry cut = with(away, bridges, OverlayNG.DIFFERENCE);
        progress.report("Looking at the webs", 0.7);
        SheetRaster after = after(page, cut);
        List<WebFinder.Found> webs = WebFinder.of(after, webMm);
        if (recipe.thickened() && webs.stream().anyMatch(one -> one.web().holds())) {
            cut = OverlayNGRobust.overlay(cut, thick(webs, webMm), OverlayNG.DIFFERENCE);
            after = after(page, cut);
            webs = WebFinder.of(after, webMm);
        }
        return new CutStencil(
                page,
                away,
                islands(pieces, ties),
                dropped,
                ties,
                cut,
                webs.stream().map(WebFinder.Found::web).toList(),
                count(after));
    }

    /** How many pieces there are, but for what a raster breaks off at tips. */
    private static int count(SheetRaster sheet) {
        RunLabels labels = RunLabels.of(sheet.map(false), true, false);
        double least = BROKEN_MM2 * sheet.pxPerMm() * sheet.pxPerMm();
        return (int) IntStream.range(0, labels.count()).filter(k -> labels.size(k) > least).count();
    }

    /** The pieces that stay, that round everything first. */
    private static List<Polygon> pieces(Polygon page, Geometry ink) {
        Geometry rest = OverlayNGRobust.overlay(page, ink, OverlayNG.DIFFERENCE);
        List<Polygon> pieces = new ArrayList<>();
        for (Object one : PolygonExtracter.getPolygons(rest)) {
            if (((Polygon) one).getArea() > NOTHING_MM2) {
                pieces.add((Polygon) one);
            }
        }
        Comparator<Polygon> byEdge =
                Comparator.comparing(one -> !touches(one, page.getEnvelopeInternal()));
        pieces.sort(byEdge.thenComparing(Comparator.comparingDouble(Polygon::getArea).reversed()));
        return pieces;
    }

    private static boolean touches(Polygon piece, Envelope page) {
        Envelope box = piece.getEnvelopeInternal();
        return box.getMinX() <= page.getMinX()
                || box.getMinY() <= page.getMinY()
                || box.getMaxX() >= page.getMaxX()
                || box.getMaxY() >= page.getMaxY();
    }

    private static Geometry with(Geometry shape, List<Polygon> others, int how) {
        return others.isEmpty()
                ? shape
                : OverlayNGRobust.overlay(
                        shape, OverlayNGRobust.union(FACTORY.buildGeometry(others)), how);
    }

    private static SheetRaster after(Polygon page, Geometry cut) {
        Geometry rest = OverlayNGRobust.overlay(page, cut, OverlayNG.DIFFERENCE);
        return SheetRaster.of(page.getEnvelopeInternal(), List.of(rest));
    }

    private static List<Tie> ties(
            SheetRaster raster,
            List<Polygon> pieces,
            StencilRecipe recipe,
            UnaryOperator<Point> onSheet,
            Progress progress) {
        double[] sides = pieces.stream().mapToDouble(one -> Math.sqrt(one.getArea())).toArray();
        List<Crossing> crossings = Crossings.of(raster, sides);
        progress.report("Laying ties", 0.4);
        List<Point> refused = new ArrayList<>();
        List<Point> wanted = new ArrayList<>();
        recipe.ties()
                .forEach(one -> (one.wanted() ? wanted : refused).add(onSheet.apply(one.at())));
        TieShaper shaper = new TieShaper(raster, recipe.tieMm());
        List<Crossing> free = few(crossings, pieces.size(), recipe.tieMm(), refused);
        List<Tie> possible = new ArrayList<>();
        wanted.forEach(at -> nearest(crossings, at, shaper, possible));
        free.forEach(place -> possible.add(shaper.shape(place, false)));
        progress.report("Laying ties", 0.5);
        List<Point> middles = pieces.stream().map(CutStencil::middle).toList();
        return TieNetwork.choose(middles, possible).stream().map(possible::get).toList();
    }

    /** The shortest of each island, without those that are not wanted unless nothing else is. */
    private static List<Crossing> few(
            List<Crossing> crossings, int pieces, double tieMm, List<Point> refused) {
        int[] taken = new int[pieces];
        List<Crossing> few = new ArrayList<>();
        for (Crossing one : crossings) {
            boolean out =
                    refused.stream().anyMatch(at -> at.distance(one.middle()) < REFUSED * tieMm);
            if (out) {
                continue;
            }
            boolean more =
                    one.one() > 0 && taken[one.one()] < MOST_PER_ISLAND
                            || one.other() > 0 && taken[one.other()] < MOST_PER_ISLAND;
            if (more) {
                taken[one.one()]++;
                taken[one.other()]++;
                few.add(one);
            }
        }
        return few;
    }

    private static void nearest(
            List<Crossing> crossings, Point at, TieShaper shaper, List<Tie> possible) {
        crossings.stream()
                .min(Comparator.comparingDouble(one -> one.middle().distance(at)))
                .filter(one -> one.middle().distance(at) < NEAR_MM)
                .ifPresent(one -> possible.add(shaper.shape(one, true)));
    }

    private static Point middle(Polygon piece) {
        Coordinate middle = piece.getCentroid().getCoordinate();
        return new Point(middle.x, middle.y);
    }

    private static List<Island> islands(List<Polygon> pieces, List<Tie> ties) {
        List<Island> islands = new ArrayList<>();
        for (int p = 1; p < pieces.size(); p++) {
            int piece = p;
            int held =
                    (int)
                            ties.stream()
                                    .filter(tie -> tie.one() == piece || tie.other() == piece)
                                    .count();
            Coordinate within = pieces.get(p).getInteriorPoint().getCoordinate();
            islands.add(new Island(p, pieces.get(p), new Point(within.x, within.y), held));
        }
        return islands;
    }

    /** Webs as wide as they must be, along their middles. */
    private static Geometry thick(List<WebFinder.Found> webs, double webMm) {
        List<Geometry> thick = new ArrayList<>();
        for (WebFinder.Found web : webs) {
            if (web.web().holds()) {
                Coordinate[] along =
                        web.middles().stream()
                                .map(at -> new Coordinate(at.x(), at.y()))
                                .toArray(Coordinate[]::new);
                thick.add(BufferOp.bufferOp(FACTORY.createMultiPointFromCoords(along), webMm / 2));
            }
        }
        return OverlayNGRobust.union(FACTORY.buildGeometry(thick));
    }

    /** Whether all that stays holds together. */
    public boolean isOnePiece() {
        return pieces == 1;
    }

    /** What is not cut for the ties, mm2. */
    public double tieMm2() {
        return ties.stream().mapToDouble(Tie::areaMm2).sum();
    }
}
