package neattrace.goods.stencil;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
    static final double NEAR_MM = 8;

    /** A tie that is not wanted keeps others off so far, times its width. */
    private static final double REFUSED = 1.2;

    /** How often webs are made thicker at most. */
    private static final int ROUNDS = 3;

    /** Ties that could be, at most for each island: the shortest. */
    private static final int MOST_PER_ISLAND = 40;

    /** And at least for every two neighbours. */
    private static final int LEAST_BETWEEN = 6;

    /** What is thinner than a pixel comes apart on a raster; it is no larger than this, mm2. */
    private static final double BROKEN_MM2 = 0.3;

    public CutStencil {
        islands = List.copyOf(islands);
        dropped = List.copyOf(dropped);
        ties = List.copyOf(ties);
        webs = List.copyOf(webs);
    }

    /**
     * Makes one. Time goes with the ink's extent, up to 9 million pixels, and with the number of
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
        progress.report("Looking for islands", 0);
        return of(
                UntiedSheet.of(sheet, ink, recipe.dropMm2(), webMm),
                recipe,
                webMm,
                onSheet,
                progress);
    }

    /** The same of a sheet that is known as far as its ties. */
    static CutStencil of(
            UntiedSheet untied,
            StencilRecipe recipe,
            double webMm,
            UnaryOperator<Point> onSheet,
            Progress progress) {
        progress.report("Laying ties", 0.3);
        List<Tie> ties =
                untied.pieces().size() < 2 ? List.of() : ties(untied, recipe, onSheet, progress);
        List<Polygon> bridges = ties.stream().map(Tie::shape).toList();
        Geometry cut = UntiedSheet.with(untied.away(), bridges, OverlayNG.DIFFERENCE);
        progress.report("Looking at the webs", 0.7);
        SheetRaster after = untied.after(cut);
        List<WebFinder.Found> webs = WebFinder.of(after, webMm);
        // Where thick stretches end beside ties there may be small nooks that are narrow again.
        for (int k = 0; k < ROUNDS && recipe.thickened() && holds(webs); k++) {
            cut = OverlayNGRobust.overlay(cut, thick(webs, webMm), OverlayNG.DIFFERENCE);
            after = untied.after(cut);
            webs = WebFinder.of(after, webMm);
        }
        return new CutStencil(
                untied.page(),
                untied.away(),
                islands(untied.pieces(), ties),
                untied.dropped(),
                ties,
                cut,
                webs.stream().map(WebFinder.Found::web).toList(),
                count(after));
    }

    private static boolean holds(List<WebFinder.Found> webs) {
        return webs.stream().anyMatch(one -> one.web().holds());
    }

    /** How many pieces there are, but for what a raster breaks off at tips. */
    private static int count(SheetRaster sheet) {
        RunLabels labels = RunLabels.of(sheet.map(false), true, false);
        double least = BROKEN_MM2 * sheet.pxPerMm() * sheet.pxPerMm();
        return (int) IntStream.range(0, labels.count()).filter(k -> labels.size(k) > least).count();
    }

    private static List<Tie> ties(
            UntiedSheet untied,
            StencilRecipe recipe,
            UnaryOperator<Point> onSheet,
            Progress progress) {
        List<Polygon> pieces = untied.pieces();
        List<Crossing> crossings = untied.crossings();
        List<Point> refused = new ArrayList<>();
        List<Point> wanted = new ArrayList<>();
        recipe.ties()
                .forEach(one -> (one.wanted() ? wanted : refused).add(onSheet.apply(one.at())));
        TieShaper shaper = new TieShaper(untied.raster(), recipe.tieMm());
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
        Map<Long, Integer> between = new HashMap<>();
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
            // However many shorter ones there are elsewhere, every two neighbours can be tied.
            int pair = between.merge((long) one.one() * pieces + one.other(), 1, Integer::sum);
            if (more || pair <= LEAST_BETWEEN) {
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
            List<Tie> held =
                    ties.stream()
                            .filter(tie -> tie.one() == piece || tie.other() == piece)
                            .toList();
            Coordinate within = pieces.get(p).getInteriorPoint().getCoordinate();
            islands.add(Island.of(p, pieces.get(p), new Point(within.x, within.y), held));
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
