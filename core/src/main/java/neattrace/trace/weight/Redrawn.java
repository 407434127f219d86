package neattrace.trace.weight;

import java.awt.Rectangle;
import java.awt.Shape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neattrace.raster.InkMap;
import neattrace.raster.RowBands;
import neattrace.raster.ShapeCover;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.SolidBlack;
import neattrace.trace.centre.PenTrack;
import neattrace.trace.centre.StrokeJoiner;

/** All strokes drawn again with other widths; solid blacks stay as they are. */
final class Redrawn {

    /** Solids are cut out this much wider than their discs, px: their corners too. */
    private static final double SOLID_RIM_PX = 3;

    /** A disc so much larger covers the corners of a square about it. */
    private static final double CORNERS = Math.sqrt(2);

    private Redrawn() {}

    static InkMap of(InkMap map, LineNet net, double evenPx, double taperShare) {
        List<Shape> strokes = new ArrayList<>();
        for (InkLine stroke : StrokeJoiner.join(net)) {
            double[] widths = widths(stroke, net, evenPx, taperShare);
            strokes.add(PenTrack.whole(stroke, widths).outline());
        }
        List<Shape> solids = new ArrayList<>();
        for (SolidBlack solid : net.solids()) {
            solids.add(PenTrack.of(solid, CORNERS, SOLID_RIM_PX).outline());
        }
        byte[] coverage = new byte[map.coverage().length];
        RowBands.forEach(
                map.height(),
                (from, to) -> {
                    Rectangle band = new Rectangle(0, from, map.width(), to - from);
                    byte[] lines = ShapeCover.of(strokes, band).cover();
                    byte[] kept = ShapeCover.of(solids, band).cover();
                    int base = from * map.width();
                    for (int i = 0; i < lines.length; i++) {
                        int solid = Math.min(kept[i] & 0xff, map.coverage()[base + i] & 0xff);
                        coverage[base + i] = (byte) Math.max(lines[i] & 0xff, solid);
                    }
                });
        return new InkMap(map.width(), map.height(), coverage);
    }

    private static double[] widths(InkLine stroke, LineNet net, double evenPx, double taperShare) {
        InkLine even = stroke;
        if (evenPx > 0) {
            double[] same = new double[stroke.size()];
            Arrays.fill(same, evenPx);
            even =
                    new InkLine(
                            stroke.x(),
                            stroke.y(),
                            same,
                            stroke.closed(),
                            stroke.start(),
                            stroke.end());
        }
        if (taperShare == 0 || stroke.closed()) {
            return even.width();
        }
        boolean start = net.nodes().get(stroke.start()).isTip();
        boolean end = net.nodes().get(stroke.end()).isTip();
        return Taper.widths(even, start, end, taperShare);
    }
}
