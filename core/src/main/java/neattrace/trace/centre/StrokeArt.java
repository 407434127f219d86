package neattrace.trace.centre;

import java.awt.Rectangle;
import java.awt.Shape;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import neattrace.geom.CubicLoop;
import neattrace.geom.CubicPath;
import neattrace.geom.Outline;
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

    /** A stroke with two ends, its usual width, mm, and its swatch, 0 for black. */
    public record OpenStroke(CubicPath path, double widthMm, int swatch) {}

    /** A stroke round, its usual width, mm, and its swatch, 0 for black. */
    public record ClosedStroke(CubicLoop path, double widthMm, int swatch) {}

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
                closed.add(new ClosedStroke(loop.scaled(mmPerPx), wide, swatch));
            } else {
                CubicPath path = PathFitter.fit(xy, ERROR_PX).scaled(mmPerPx);
                open.add(new OpenStroke(path, wide, swatch));
            }
        }
        List<Outline> solids =
                solids(map, net).stream().map(outline -> outline.scaled(mmPerPx)).toList();
        return new StrokeArt(open, closed, solids, solidSwatch);
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
                        .map(stroke -> new OpenStroke(stroke.path, mm, stroke.swatch))
                        .toList(),
                closed.stream()
                        .map(stroke -> new ClosedStroke(stroke.path, mm, stroke.swatch))
                        .toList(),
                solids,
                solidSwatch);
    }
}
