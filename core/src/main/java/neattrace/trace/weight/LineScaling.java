package neattrace.trace.weight;

import java.awt.Rectangle;
import java.awt.Shape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neattrace.raster.InkMap;
import neattrace.raster.RowBands;
import neattrace.raster.ShapeCover;
import neattrace.stage.Progress;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.centre.PenTrack;
import neattrace.trace.contour.Contour;
import neattrace.trace.contour.ContourTracer;

/**
 * Lines wider or thinner by one factor: each edge of the ink moves by what its own line gains, so
 * that the pen's character stays. What is too wide for a line gains less and less, and solid blacks
 * nothing. Time is linear in pixels plus the length of the edges times the distance they move.
 */
final class LineScaling {

    /** Up to so many usual widths a line is a line; at three times that it is a black. */
    private static final double LINE_WIDTHS = 2.5;

    private static final double BLACK = 3;

    /** Thinning leaves no line thinner than this, px: it would fall apart. */
    private static final double LEAST_PX = 1.6;

    private final InkMap map;
    private final LineNet net;
    private final double factor;
    private final double linePx;

    private LineScaling(InkMap map, LineNet net, double factor) {
        this.map = map;
        this.net = net;
        this.factor = factor;
        this.linePx = LINE_WIDTHS * net.usualWidth();
    }

    /**
     * Scales the widths of all lines.
     *
     * @param net the lines of {@code map}
     * @param factor over 0
     */
    static InkMap apply(InkMap map, LineNet net, double factor) {
        return net.lines().isEmpty() ? map : new LineScaling(map, net, factor).scaled();
    }

    /** How much wider a line of some width gets, px; less than 0 if thinner. */
    private double gain(double width) {
        double share = width <= linePx ? 1 : 1 - (width / linePx - 1) / (BLACK - 1);
        return (factor - 1) * width * Math.max(0, share);
    }

    private InkMap scaled() {
        List<Contour> contours = ContourTracer.trace(map, false, Progress.SILENT);
        float[][] shifts =
                EdgeWidths.of(contours, net, map.width(), map.height(), (int) Math.ceil(linePx));
        double most = 0;
        for (float[] shift : shifts) {
            for (int i = 0; i < shift.length; i++) {
                shift[i] = (float) (gain(shift[i]) / 2);
                most = Math.max(most, Math.abs(shift[i]));
            }
        }
        double reach = most + 1;
        List<Shape> thin = tooThin();
        byte[] coverage = map.coverage().clone();
        RowBands.forEach(
                map.height(),
                (from, to) -> {
                    EdgeDistance band =
                            EdgeDistance.shifted(contours, shifts, map, from, to, reach);
                    for (int y = from; y < to; y++) {
                        for (int x = 0; x < map.width(); x++) {
                            int i = y * map.width() + x;
                            double off = band.at(x, y);
                            // Soft edges that lie beside the new ones become full or bare.
                            if (off < Float.MAX_VALUE) {
                                double inside = map.isInk(i) ? off : -off;
                                coverage[i] = level(0.5 + inside);
                            }
                        }
                    }
                    lay(thin, new Rectangle(0, from, map.width(), to - from), coverage);
                });
        return new InkMap(map.width(), map.height(), coverage);
    }

    private static byte level(double share) {
        return (byte) Math.round(255 * Math.max(0, Math.min(1, share)));
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

    /** Stretches that would fall apart, as thin as can be, or as they are if they are thinner. */
    private List<Shape> tooThin() {
        List<Shape> shapes = new ArrayList<>();
        for (InkLine line : net.lines()) {
            int from = -1;
            for (int i = 0; i <= line.size(); i++) {
                boolean thin = i < line.size() && isTooThin(line.width()[i]);
                if (thin && from < 0) {
                    from = i;
                } else if (!thin && from >= 0) {
                    PenTrack track = PenTrack.of(line, from, i - 1);
                    double[] least =
                            Arrays.stream(track.width())
                                    .map(width -> Math.min(LEAST_PX, width))
                                    .toArray();
                    shapes.add(track.withWidth(least).outline());
                    from = -1;
                }
            }
        }
        return shapes;
    }

    private boolean isTooThin(double width) {
        return factor < 1 && width + gain(width) < LEAST_PX;
    }
}
