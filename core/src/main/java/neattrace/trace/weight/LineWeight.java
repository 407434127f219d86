package neattrace.trace.weight;

import java.awt.Rectangle;
import java.awt.Shape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.RowBands;
import neattrace.raster.RunLabels;
import neattrace.raster.ShapeCover;
import neattrace.stage.Progress;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.WeightRecipe;
import neattrace.trace.centre.PenTrack;
import neattrace.trace.contour.Contour;
import neattrace.trace.contour.ContourTracer;
import neattrace.trace.contour.CorridorSmoother;

/**
 * Changes the weight of all lines. Time is linear in pixels plus the length of the edges times the
 * distance they move.
 */
public final class LineWeight {

    /** Thinning leaves no line thinner than this, px: it would fall apart. */
    private static final double LEAST_PX = 1.6;

    private final InkMap map;
    private final double pxPerMm;

    private LineWeight(InkMap map, double pxPerMm) {
        this.map = map;
        this.pxPerMm = pxPerMm;
    }

    /**
     * Applies a recipe.
     *
     * @param lines the lines of {@code map}, asked for only if the recipe needs them
     * @param gapMm gaps in the outline up to this width let the bolder outside not in
     * @param oneBit whether pixels are all black or all white, so that edges have to be smoothed
     *     before they are moved
     * @return the same map if the recipe changes nothing
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static InkMap apply(
            InkMap map,
            Supplier<LineNet> lines,
            WeightRecipe recipe,
            double gapMm,
            double pxPerMm,
            boolean oneBit,
            Progress progress) {
        if (recipe.isAsDrawn()) {
            return map;
        }
        InkMap now = oneBit ? new LineWeight(map, pxPerMm).softened() : map;
        progress.report("Weighing the lines", 0);
        LineNet net = recipe.needsLines() ? lines.get() : null;
        if (recipe.evenMm() > 0 || recipe.taperShare() > 0) {
            now = Redrawn.of(now, net, recipe.evenMm() * pxPerMm, recipe.taperShare());
        }
        progress.report("Weighing the lines", 0.5);
        if (recipe.allMm() != 0) {
            double kept = recipe.evenMm() * pxPerMm;
            LineWeight weight = new LineWeight(now, pxPerMm);
            double shift = recipe.allMm() * pxPerMm / 2;
            List<Shape> thin = shift < 0 ? tooThin(net, shift, kept) : List.of();
            now = weight.moved(weight.contours(), shift, thin);
        }
        progress.report("Weighing the lines", 0.75);
        if (recipe.outsideMm() > 0) {
            now =
                    new LineWeight(now, pxPerMm)
                            .outside(recipe.outsideMm(), recipe.outsideParts(), gapMm);
        }
        return now;
    }

    /**
     * All lines wider or thinner by one factor; their middles stay where they are, and so do solid
     * blacks. No line gets thinner than 1.6 px: it would fall apart.
     *
     * @param net the lines of {@code map}
     * @param factor over 0; 1 gives the map itself
     * @param oneBit whether pixels are all black or all white
     */
    public static InkMap widened(InkMap map, LineNet net, double factor, boolean oneBit) {
        if (!(factor > 0)) {
            throw new IllegalArgumentException("lines are widened by more than 0 times");
        }
        if (factor == 1) {
            return map;
        }
        return LineScaling.apply(oneBit ? new LineWeight(map, 1).softened() : map, net, factor);
    }

    private List<Contour> contours() {
        return ContourTracer.trace(map, false, Progress.SILENT);
    }

    /** Black and white pixels with the edges that a smooth line would have given them. */
    private InkMap softened() {
        List<Contour> smooth =
                ContourTracer.trace(map, true, Progress.SILENT).parallelStream()
                        .map(
                                contour ->
                                        new Contour(
                                                CorridorSmoother.smooth(
                                                        contour.xy(),
                                                        map.width(),
                                                        map.height(),
                                                        Progress.SILENT),
                                                contour.hole(),
                                                contour.part()))
                        .toList();
        return moved(smooth, 0, List.of());
    }

    /** Moves every edge outward by a distance, px. */
    private InkMap moved(List<Contour> contours, double shift, List<Shape> thin) {
        double reach = Math.abs(shift) + 1;
        byte[] coverage = map.coverage().clone();
        RowBands.forEach(
                map.height(),
                (from, to) -> {
                    EdgeDistance band =
                            EdgeDistance.of(contours, (c, i) -> true, map.width(), from, to, reach);
                    for (int y = from; y < to; y++) {
                        for (int x = 0; x < map.width(); x++) {
                            double off = band.at(x, y);
                            if (off <= reach) {
                                int i = y * map.width() + x;
                                double inside = map.isInk(i) ? off : -off;
                                coverage[i] = (byte) level(0.5 + inside + shift);
                            }
                        }
                    }
                    lay(thin, new Rectangle(0, from, map.width(), to - from), coverage);
                });
        return new InkMap(map.width(), map.height(), coverage);
    }

    private static int level(double share) {
        return (int) Math.round(255 * Math.max(0, Math.min(1, share)));
    }

    private void lay(List<Shape> shapes, Rectangle band, byte[] coverage) {
        if (shapes.isEmpty()) {
            return;
        }
        ShapeCover.of(shapes, band)
                .forEach(
                        (x, y, cover) -> {
                            int i = y * map.width() + x;
                            coverage[i] = (byte) Math.max(coverage[i] & 0xff, cover);
                        });
    }

    /** What would fall apart is kept as thin as can be. */
    private static List<Shape> tooThin(LineNet net, double shift, double evenPx) {
        List<Shape> shapes = new ArrayList<>();
        for (InkLine line : net.lines()) {
            int from = -1;
            for (int i = 0; i <= line.size(); i++) {
                double wide = i == line.size() ? 0 : evenPx > 0 ? evenPx : line.width()[i];
                boolean thin = i < line.size() && wide + 2 * shift < LEAST_PX;
                if (thin && from < 0) {
                    from = i;
                } else if (!thin && from >= 0) {
                    PenTrack track = PenTrack.of(line, from, i - 1);
                    double[] least = new double[track.size()];
                    Arrays.fill(least, LEAST_PX);
                    shapes.add(track.withWidth(least).outline());
                    from = -1;
                }
            }
        }
        return shapes;
    }

    private InkMap outside(double byMm, List<Point> parts, double gapMm) {
        double shift = byMm * pxPerMm;
        double reach = shift + 1;
        ExteriorMask outside = ExteriorMask.of(map, Math.max(2, gapMm * pxPerMm));
        Set<Integer> chosen = chosen(parts);
        List<Contour> contours = contours();
        byte[] coverage = map.coverage().clone();
        RowBands.forEach(
                map.height(),
                (from, to) -> {
                    EdgeDistance band =
                            EdgeDistance.of(
                                    contours,
                                    (contour, i) ->
                                            (chosen.isEmpty() || chosen.contains(contour.part()))
                                                    && outside.isBeside(
                                                            contour.xy()[2 * i],
                                                            contour.xy()[2 * i + 1]),
                                    map.width(),
                                    from,
                                    to,
                                    reach);
                    for (int y = from; y < to; y++) {
                        for (int x = 0; x < map.width(); x++) {
                            double off = band.at(x, y);
                            int i = y * map.width() + x;
                            if (off <= reach && !map.isInk(i) && outside.has(x, y)) {
                                int grown = level(0.5 + shift - off);
                                coverage[i] = (byte) Math.max(coverage[i] & 0xff, grown);
                            }
                        }
                    }
                });
        return new InkMap(map.width(), map.height(), coverage);
    }

    /** The pieces of ink at places on the page; none chosen means all. */
    private Set<Integer> chosen(List<Point> parts) {
        Set<Integer> chosen = new HashSet<>();
        if (parts.isEmpty()) {
            return chosen;
        }
        RunLabels labels = RunLabels.of(map, true, true);
        for (Point part : parts) {
            int x = (int) Math.floor(part.x() * pxPerMm);
            int y = (int) Math.floor(part.y() * pxPerMm);
            chosen.add(labels.at(x, y));
        }
        return chosen;
    }
}
