package neattrace.trace.centre;

import java.awt.Rectangle;
import java.awt.Shape;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import neattrace.geom.CubicLoop;
import neattrace.geom.CubicPath;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.RowBands;
import neattrace.raster.ShapeCover;
import neattrace.stage.Progress;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.SolidBlack;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;
import neattrace.trace.fit.LoopFitter;
import neattrace.trace.fit.PathFitter;

/**
 * A drawing as strokes, in mm.
 *
 * @param open strokes with two ends
 * @param closed strokes that end where they begin
 * @param solids ink that is no line
 * @param solidSwatch its swatch, 0 for black
 */
public record StrokeArt(
        List<OpenStroke> open, List<ClosedStroke> closed, List<Outline> solids, int solidSwatch) {

    /** Middles keep within so much of what was measured, px; they are a little grainy. */
    private static final double ERROR_PX = 0.35;

    /** A disc so much larger covers the corners of a square about it, and a rim its soft edge. */
    private static final double CORNERS = Math.sqrt(2);

    private static final double RIM_PX = 3;

    public StrokeArt {
        open = List.copyOf(open);
        closed = List.copyOf(closed);
        solids = List.copyOf(solids);
    }

    /** Widths are told at places about so far apart, px; and no more of them. */
    private static final double PROFILE_PX = 6;

    private static final int MOST_WIDTHS = 400;

    /**
     * A stroke with two ends.
     *
     * @param widthMm its usual width
     * @param widthsMm its width at places evenly far apart, from start to end; empty if it is as
     *     wide everywhere
     * @param swatch 0 for black
     */
    public record OpenStroke(CubicPath path, double widthMm, List<Double> widthsMm, int swatch) {

        public OpenStroke {
            widthsMm = List.copyOf(widthsMm);
        }
    }

    /** A stroke round; the same otherwise. */
    public record ClosedStroke(CubicLoop path, double widthMm, List<Double> widthsMm, int swatch) {

        public ClosedStroke {
            widthsMm = List.copyOf(widthsMm);
        }
    }

    /** The swatches of its strokes, each once, black first. */
    public List<Integer> swatches() {
        return Stream.concat(
                        Stream.concat(
                                open.stream().map(OpenStroke::swatch),
                                closed.stream().map(ClosedStroke::swatch)),
                        solids.isEmpty() ? Stream.empty() : Stream.of(solidSwatch))
                .distinct()
                .sorted()
                .toList();
    }

    /**
     * Makes strokes of a drawing's lines.
     *
     * @param map the ink
     * @param net its lines
     * @param swatches of each stroke, in the order in which {@link StrokeJoiner} joins them
     * @param solidSwatch of what is no line
     */
    public static StrokeArt of(
            InkMap map, LineNet net, int[] swatches, int solidSwatch, double mmPerPx) {
        List<OpenStroke> open = new ArrayList<>();
        List<ClosedStroke> closed = new ArrayList<>();
        int index = 0;
        for (InkLine stroke : StrokeJoiner.join(net)) {
            int swatch = index < swatches.length ? swatches[index] : 0;
            index++;
            double[] xy = xy(stroke);
            double wide = stroke.usualWidth() * mmPerPx;
            if (stroke.closed() && xy.length >= 6) {
                CubicLoop loop = LoopFitter.fit(xy, ERROR_PX).loop();
                closed.add(
                        new ClosedStroke(
                                loop.scaled(mmPerPx),
                                wide,
                                profile(from(stroke, loop.point(0)), mmPerPx),
                                swatch));
            } else {
                CubicPath path = PathFitter.fit(xy, ERROR_PX).scaled(mmPerPx);
                open.add(new OpenStroke(path, wide, profile(stroke, mmPerPx), swatch));
            }
        }
        List<Outline> solids =
                solids(map, net).stream().map(outline -> outline.scaled(mmPerPx)).toList();
        return new StrokeArt(open, closed, solids, solidSwatch);
    }

    /** A line round, beginning where it comes nearest to a place, px. */
    private static InkLine from(InkLine line, Point start) {
        int n = line.size();
        int first = 0;
        for (int i = 1; i < n; i++) {
            first = line.at(i).distance(start) < line.at(first).distance(start) ? i : first;
        }
        double[] x = new double[n];
        double[] y = new double[n];
        double[] width = new double[n];
        for (int i = 0; i < n; i++) {
            int at = (first + i) % n;
            x[i] = line.x()[at];
            y[i] = line.y()[at];
            width[i] = line.width()[at];
        }
        return new InkLine(x, y, width, true, line.start(), line.end());
    }

    /** Its widths, evenly far apart along it. */
    private static List<Double> profile(InkLine line, double mmPerPx) {
        double[] way = line.way();
        int n = way.length;
        double all = way[n - 1] + (line.closed() ? line.at(n - 1).distance(line.at(0)) : 0);
        int count = (int) Math.max(2, Math.min(MOST_WIDTHS, Math.round(all / PROFILE_PX) + 1));
        List<Double> widths = new ArrayList<>();
        int i = 0;
        for (int k = 0; k < count; k++) {
            double at = all * k / (count - 1);
            while (i + 1 < n && way[i + 1] < at) {
                i++;
            }
            int next = i + 1 < n ? i + 1 : line.closed() ? 0 : i;
            double end = i + 1 < n ? way[i + 1] : all;
            double share = end > way[i] ? Math.min(1, (at - way[i]) / (end - way[i])) : 0;
            double width = line.width()[i] + share * (line.width()[next] - line.width()[i]);
            widths.add(Math.max(0, width) * mmPerPx);
        }
        return widths;
    }

    private static double[] xy(InkLine line) {
        double[] xy = new double[2 * line.size()];
        for (int i = 0; i < line.size(); i++) {
            xy[2 * i] = line.x()[i];
            xy[2 * i + 1] = line.y()[i];
        }
        return xy;
    }

    private static List<Outline> solids(InkMap map, LineNet net) {
        if (net.solids().isEmpty()) {
            return List.of();
        }
        List<Shape> shapes = new ArrayList<>();
        for (SolidBlack solid : net.solids()) {
            shapes.add(PenTrack.of(solid, CORNERS, RIM_PX).outline());
        }
        byte[] coverage = new byte[map.coverage().length];
        RowBands.forEach(
                map.height(),
                (from, to) -> {
                    Rectangle box = new Rectangle(0, from, map.width(), to - from);
                    byte[] cover = ShapeCover.of(shapes, box).cover();
                    int base = from * map.width();
                    for (int i = 0; i < cover.length; i++) {
                        coverage[base + i] =
                                (byte) Math.min(cover[i] & 0xff, map.coverage()[base + i] & 0xff);
                    }
                });
        return Tracer.trace(
                        new InkMap(map.width(), map.height(), coverage),
                        new TraceSettings(Tracer.USUAL_ERROR_PX, false),
                        Progress.SILENT)
                .outlines();
    }

    /** The same with every stroke of one width, mm. */
    public StrokeArt withWidth(double mm) {
        return new StrokeArt(
                open.stream()
                        .map(stroke -> new OpenStroke(stroke.path, mm, List.of(), stroke.swatch))
                        .toList(),
                closed.stream()
                        .map(stroke -> new ClosedStroke(stroke.path, mm, List.of(), stroke.swatch))
                        .toList(),
                solids,
                solidSwatch);
    }
}
