package neattrace.region.area;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import neattrace.geom.Point;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.Join;
import neattrace.region.tree.AreaTree;
import neattrace.region.tree.Cell;
import neattrace.region.tree.Neck;
import neattrace.stage.Progress;

/** Finds the areas of a drawing and the gaps between them. Linear in pixels. */
public final class AreaFinder {

    private AreaFinder() {}

    /**
     * Finds the areas for some settings.
     *
     * @param ink what is ink
     * @param settings which gaps count as closed
     * @param pxPerMm resolution
     */
    public static AreaMap find(
            InkMap ink, CloseSettings settings, double pxPerMm, Progress progress) {
        return tree(ink, settings, pxPerMm, progress).at(settings);
    }

    /**
     * Finds the areas at every closing width.
     *
     * @param ink what is ink
     * @param settings unseen lines that part areas, and where a person closed a gap: if there is
     *     none by the usual rule, the narrow places there are gaps
     * @param pxPerMm resolution
     */
    public static AreaTree tree(
            InkMap ink, CloseSettings settings, double pxPerMm, Progress progress) {
        AreaTree usual = tree(ink, settings, List.of(), pxPerMm, progress);
        List<Point> wanted = settings.closedBeside(usual.gapPlaces());
        return wanted.isEmpty() ? usual : tree(ink, settings, wanted, pxPerMm, progress);
    }

    /**
     * The same with gaps where they are wanted.
     *
     * @param settings unseen lines that part areas; where gaps were closed is not looked at
     * @param wanted places at which any narrow place is a gap, mm
     */
    public static AreaTree tree(
            InkMap ink,
            CloseSettings settings,
            List<Point> wanted,
            double pxPerMm,
            Progress progress) {
        InkMap map = Barrier.draw(ink, settings, pxPerMm);
        progress.report("Measuring the free paper", 0);
        DistanceTransform side = DistanceTransform.of(map);
        progress.report("Finding areas", 0.4);
        Basins basins = Basins.flood(map, side, new GapRule(map, side, wanted, pxPerMm));
        progress.report("Running areas under the lines", 0.8);
        int[] basinOf = basins.basinOf();
        // Ink borrows from paper, which keeps its own, so that all rows can be done at once.
        IntStream.range(0, map.height())
                .parallel()
                .forEach(
                        y -> {
                            for (int i = y * map.width(); i < (y + 1) * map.width(); i++) {
                                int donor = map.isInk(i) ? side.nearestPaper(i) : -1;
                                if (donor >= 0) {
                                    basinOf[i] = basinOf[donor];
                                }
                            }
                        });
        List<Cell> cells = cells(map, side, basins);
        AreaTree tree =
                new AreaTree(
                        map.width(),
                        map.height(),
                        basinOf,
                        cells,
                        necks(map, side, basins),
                        pxPerMm,
                        settings);
        progress.report("Areas found", 1);
        return tree;
    }

    /**
     * Finds the openings at which stretches of paper of different kinds meet.
     *
     * @param map what is ink
     * @param side how far its paper is from it
     * @param kinship tells which stretches differ
     * @param mmPerPx scale of the result
     * @return unseen lines over all openings between them, widest first
     */
    public static List<Join> partings(
            InkMap map,
            DistanceTransform side,
            Affinity kinship,
            double mmPerPx,
            Progress progress) {
        progress.report("Finding where colours part", 0);
        Basins basins = Basins.flood(map, side, new AffinityRule(kinship));
        List<Join> joins =
                necks(map, side, basins).stream()
                        .sorted(Comparator.comparingDouble(Neck::widthPx).reversed())
                        .map(
                                neck ->
                                        Join.over(
                                                neck.from().times(mmPerPx),
                                                neck.place().times(mmPerPx),
                                                neck.to().times(mmPerPx)))
                        .toList();
        progress.report("Partings found", 1);
        return joins;
    }

    /** The cells; basins become labels on the way. */
    private static List<Cell> cells(InkMap map, DistanceTransform side, Basins basins) {
        int count = basins.count();
        int bands = Math.max(1, Math.min(Runtime.getRuntime().availableProcessors(), map.height()));
        Extents[] parts = new Extents[bands];
        IntStream.range(0, bands)
                .parallel()
                .forEach(
                        band -> {
                            int from = (int) ((long) map.height() * band / bands);
                            int to = (int) ((long) map.height() * (band + 1) / bands);
                            parts[band] = new Extents(count);
                            parts[band].measure(
                                    map, side, basins.basinOf(), basins.labels(), from, to);
                        });
        Extents all = parts[0];
        for (int band = 1; band < bands; band++) {
            all.add(parts[band]);
        }
        List<Cell> cells = new ArrayList<>();
        for (int label = 0; label < count; label++) {
            Point anchor = centre(all.widest[label], map.width());
            double radius = Math.sqrt(all.squared[label]);
            cells.add(new Cell(anchor, all.pixels[label], radius, all.border[label]));
        }
        return cells;
    }

    private static List<Neck> necks(InkMap map, DistanceTransform side, Basins basins) {
        LineEnds ends = new LineEnds(map, side);
        List<Neck> necks = new ArrayList<>();
        for (Basins.Neck neck : basins.necks()) {
            OpeningSides opening = OpeningSides.at(map, side, neck.pixel());
            necks.add(
                    new Neck(
                            centre(neck.pixel(), map.width()),
                            centre(opening.from(), map.width()),
                            centre(opening.to(), map.width()),
                            neck.widthPx(),
                            ends.count(opening),
                            neck.a(),
                            neck.b()));
        }
        return necks;
    }

    private static Point centre(int pixel, int width) {
        return new Point(pixel % width + 0.5, pixel / width + 0.5);
    }
}
