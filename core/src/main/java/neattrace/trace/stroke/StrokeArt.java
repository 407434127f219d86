package neattrace.trace.stroke;

import java.awt.Rectangle;
import java.awt.Shape;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.CubicPath;
import neattrace.geom.Outline;
import neattrace.progress.Progress;
import neattrace.raster.InkMap;
import neattrace.raster.cover.RowBands;
import neattrace.raster.cover.ShapeCover;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.SolidBlack;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;
import neattrace.trace.chain.StrokeJoiner;
import neattrace.trace.fit.LoopFitter;
import neattrace.trace.fit.PathFitter;
import neattrace.trace.track.PenTrack;

/**
 * A drawing as strokes, in mm.
 *
 * @param open strokes with two ends
 * @param closed strokes that end where they begin
 * @param solids ink that is no line
 */
public record StrokeArt(List<OpenStroke> open, List<ClosedStroke> closed, List<Outline> solids) {

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

    /** A stroke with two ends and its usual width, mm. */
    public record OpenStroke(CubicPath path, double widthMm) {}

    /** A stroke round and its usual width, mm. */
    public record ClosedStroke(CubicLoop path, double widthMm) {}

    /**
     * Makes strokes of a drawing's lines.
     *
     * @param map the ink
     * @param net its lines
     */
    public static StrokeArt of(InkMap map, LineNet net, double mmPerPx) {
        List<OpenStroke> open = new ArrayList<>();
        List<ClosedStroke> closed = new ArrayList<>();
        for (InkLine stroke : StrokeJoiner.join(net)) {
            double[] xy = xy(stroke);
            double wide = stroke.usualWidth() * mmPerPx;
            if (stroke.closed() && xy.length >= 6) {
                CubicLoop loop = LoopFitter.fit(xy, ERROR_PX).loop();
                closed.add(new ClosedStroke(loop.scaled(mmPerPx), wide));
            } else {
                open.add(new OpenStroke(PathFitter.fit(xy, ERROR_PX).scaled(mmPerPx), wide));
            }
        }
        List<Outline> solids =
                solids(map, net).stream().map(outline -> outline.scaled(mmPerPx)).toList();
        return new StrokeArt(open, closed, solids);
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
                open.stream().map(stroke -> new OpenStroke(stroke.path, mm)).toList(),
                closed.stream().map(stroke -> new ClosedStroke(stroke.path, mm)).toList(),
                solids);
    }
}
