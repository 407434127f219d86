package neattrace.trace.weight;

import java.awt.Rectangle;
import java.awt.Shape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.IntPredicate;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.RowBands;
import neattrace.raster.ShapeCover;
import neattrace.stage.Progress;
import neattrace.trace.InkLine;
import neattrace.trace.LineColour;
import neattrace.trace.LineNet;
import neattrace.trace.SolidBlack;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;
import neattrace.trace.centre.LineIndex;
import neattrace.trace.centre.PenTrack;
import neattrace.trace.centre.StrokeJoiner;

/** Parts the ink by the colour of its lines. Linear in pixels for each colour. */
public final class LineSplitter {

    /** A held line may have moved so far since, mm. */
    private static final double REACH_MM = 1;

    /** A line borders on the outside if so much of its length does. */
    private static final double BORDERS = 0.3;

    /** Strokes are cut out a little wider than measured, px: their soft edges too. */
    private static final double RIM_PX = 3;

    private final InkMap map;
    private final LineNet net;
    private final List<InkLine> strokes;
    private final double pxPerMm;

    private LineSplitter(InkMap map, LineNet net, double pxPerMm) {
        this.map = map;
        this.net = net;
        this.strokes = StrokeJoiner.join(net);
        this.pxPerMm = pxPerMm;
    }

    /**
     * The outlines of each colour.
     *
     * @param net lines of {@code map}
     * @param gapMm gaps up to this width do not let the outside in
     * @param maxErrorPx how close curves keep
     * @return outlines in px by swatch, 0 for black
     */
    public static Map<Integer, List<Outline>> split(
            InkMap map,
            LineNet net,
            LineColour colour,
            double gapMm,
            double pxPerMm,
            double maxErrorPx) {
        LineSplitter splitter = new LineSplitter(map, net, pxPerMm);
        int[] swatches = splitter.swatches(colour, gapMm);
        Map<Integer, List<Outline>> outlines = new TreeMap<>();
        int[] different = Arrays.stream(swatches).distinct().toArray();
        outlines.put(
                colour.swatch(),
                splitter.trace(splitter.rest(swatches, colour.swatch()), maxErrorPx));
        for (int swatch : different) {
            if (swatch != colour.swatch()) {
                outlines.put(swatch, splitter.trace(splitter.only(swatches, swatch), maxErrorPx));
            }
        }
        return outlines;
    }

    /**
     * The swatch of each stroke, in the order in which {@link StrokeJoiner} joins them.
     *
     * @param net lines of {@code map}
     * @param gapMm gaps up to this width do not let the outside in
     */
    public static int[] strokes(
            InkMap map, LineNet net, LineColour colour, double gapMm, double pxPerMm) {
        return new LineSplitter(map, net, pxPerMm).swatches(colour, gapMm);
    }

    /** The swatch of each stroke. */
    private int[] swatches(LineColour colour, double gapMm) {
        int[] swatches = new int[strokes.size()];
        Arrays.fill(swatches, colour.swatch());
        if (colour.borderBlack()) {
            ExteriorMask outside = ExteriorMask.of(map, Math.max(2, gapMm * pxPerMm));
            for (int i = 0; i < swatches.length; i++) {
                swatches[i] = borders(strokes.get(i), outside) ? 0 : swatches[i];
            }
        }
        LineIndex index = new LineIndex(strokes);
        for (LineColour.Hold hold : colour.held()) {
            index.nearest(hold.at().times(pxPerMm), REACH_MM * pxPerMm)
                    .ifPresent(spot -> swatches[spot.line()] = hold.swatch());
        }
        return swatches;
    }

    private static boolean borders(InkLine stroke, ExteriorMask outside) {
        int count = 0;
        for (int i = 1; i < stroke.size() - 1; i++) {
            Point along = stroke.at(i + 1).minus(stroke.at(i - 1)).unit();
            double reach = stroke.width()[i] / 2 + 2;
            double dx = -along.y() * reach;
            double dy = along.x() * reach;
            boolean beside = false;
            for (int side = -1; side <= 1; side += 2) {
                beside |=
                        outside.has(
                                (int) Math.floor(stroke.x()[i] + side * dx),
                                (int) Math.floor(stroke.y()[i] + side * dy));
            }
            count += beside ? 1 : 0;
        }
        return count > BORDERS * stroke.size();
    }

    private List<Shape> shapes(int[] swatches, IntPredicate which, double rim) {
        List<Shape> shapes = new ArrayList<>();
        for (int i = 0; i < swatches.length; i++) {
            if (which.test(swatches[i])) {
                InkLine stroke = strokes.get(i);
                double[] wide = Arrays.stream(stroke.width()).map(w -> w + rim).toArray();
                shapes.add(PenTrack.whole(stroke, wide).outline());
            }
        }
        return shapes;
    }

    /** The ink of strokes of one swatch alone. */
    private InkMap only(int[] swatches, int swatch) {
        List<Shape> own = shapes(swatches, s -> s == swatch, RIM_PX);
        return made(0, own, List.of());
    }

    /** All ink but that of strokes of other swatches; where own strokes cross those, they stay. */
    private InkMap rest(int[] swatches, int swatch) {
        List<Shape> others = shapes(swatches, s -> s != swatch, RIM_PX);
        List<Shape> own = shapes(swatches, s -> s == swatch, 1);
        for (SolidBlack solid : net.solids()) {
            own.add(PenTrack.of(solid, 1, 2).outline());
        }
        return made(255, own, others);
    }

    /**
     * Ink by strokes.
     *
     * @param start how much of ink under no stroke stays, 0 to 255
     */
    private InkMap made(int start, List<Shape> own, List<Shape> others) {
        byte[] coverage = new byte[map.coverage().length];
        RowBands.forEach(
                map.height(),
                (from, to) -> {
                    Rectangle box = new Rectangle(0, from, map.width(), to - from);
                    byte[] in = ShapeCover.of(own, box).cover();
                    byte[] out = ShapeCover.of(others, box).cover();
                    int base = from * map.width();
                    for (int i = 0; i < in.length; i++) {
                        int ink = map.coverage()[base + i] & 0xff;
                        int kept = ink * Math.min(start, 255 - (out[i] & 0xff)) / 255;
                        coverage[base + i] = (byte) Math.max(kept, Math.min(ink, in[i] & 0xff));
                    }
                });
        return new InkMap(map.width(), map.height(), coverage);
    }

    private List<Outline> trace(InkMap part, double maxErrorPx) {
        return Tracer.trace(part, new TraceSettings(maxErrorPx, false), Progress.SILENT).outlines();
    }
}
