package neattrace.region.area;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import neattrace.geom.Point;
import neattrace.progress.Progress;
import neattrace.raster.InkMap;
import neattrace.raster.distance.OtherSide;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.Gap;

/** Finds the areas of a drawing and the gaps between them. Linear in pixels. */
public final class AreaFinder {

    private AreaFinder() {}

    /**
     * Finds all areas.
     *
     * @param ink what is ink
     * @param settings which gaps count as closed
     * @param pxPerMm resolution
     */
    public static AreaMap find(
            InkMap ink, CloseSettings settings, double pxPerMm, Progress progress) {
        InkMap map = Barrier.draw(ink, settings.joins(), pxPerMm);
        progress.report("Measuring the free paper", 0);
        OtherSide side = OtherSide.of(map);
        progress.report("Finding areas", 0.4);
        Basins basins = Basins.flood(map, side, GapRule.of(settings, map, side, pxPerMm));
        progress.report("Running areas under the lines", 0.8);
        int[] labels = basins.labels();
        // Ink borrows from paper, which keeps its own, so that all rows can be done at once.
        IntStream.range(0, map.height())
                .parallel()
                .forEach(
                        y -> {
                            for (int i = y * map.width(); i < (y + 1) * map.width(); i++) {
                                int donor = map.isInk(i) ? side.nearestPaper(i) : -1;
                                if (donor >= 0) {
                                    labels[i] = labels[donor];
                                }
                            }
                        });
        List<Area> areas = areas(map, side, basins);
        List<Gap> gaps = gaps(map, side, basins);
        progress.report("Areas found", 1);
        return new AreaMap(map.width(), map.height(), labels, areas, gaps);
    }

    /**
     * Finds the openings at which stretches of paper of different kinds meet.
     *
     * @param map what is ink
     * @param side how far its paper is from it
     * @param kinship tells which stretches differ
     * @return all openings between them, widest first
     */
    public static List<Gap> partings(
            InkMap map, OtherSide side, Kinship kinship, Progress progress) {
        progress.report("Finding where colours part", 0);
        Basins basins = Basins.flood(map, side, new KinRule(kinship));
        List<Gap> gaps = gaps(map, side, basins);
        progress.report("Partings found", 1);
        return gaps;
    }

    private static List<Area> areas(InkMap map, OtherSide side, Basins basins) {
        int width = map.width();
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
                            parts[band].measure(map, side, basins.labels(), from, to);
                        });
        Extents all = parts[0];
        for (int band = 1; band < bands; band++) {
            all.add(parts[band]);
        }
        int outside = all.outside();
        List<Area> areas = new ArrayList<>();
        for (int label = 0; label < count; label++) {
            Point anchor = centre(all.widest[label], width);
            double radius = Math.sqrt(all.squared[label]);
            areas.add(new Area(label, anchor, all.pixels[label], radius, label == outside));
        }
        return areas;
    }

    private static List<Gap> gaps(InkMap map, OtherSide side, Basins basins) {
        LineEnds ends = new LineEnds(map, side);
        List<Gap> gaps = new ArrayList<>();
        for (Basins.Neck neck : basins.necks()) {
            Opening opening = Opening.at(map, side, neck.pixel());
            gaps.add(
                    new Gap(
                            centre(neck.pixel(), map.width()),
                            centre(opening.from(), map.width()),
                            centre(opening.to(), map.width()),
                            neck.widthPx(),
                            ends.count(opening),
                            neck.closed()));
        }
        gaps.sort(Comparator.comparingDouble(Gap::widthPx).reversed());
        return gaps;
    }

    private static Point centre(int pixel, int width) {
        return new Point(pixel % width + 0.5, pixel / width + 0.5);
    }
}
