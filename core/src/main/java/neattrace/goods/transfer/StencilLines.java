package neattrace.goods.transfer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.CubicPath;
import neattrace.geom.CubicSegments;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.centre.StrokeArt;
import neattrace.trace.centre.StrokeJoiner;
import neattrace.trace.fit.LoopFitter;
import neattrace.trace.fit.PathFitter;
import neattrace.trace.weight.ExteriorMask;

/** Strokes of a drawing, and the stretches of them that border on the outside. */
final class StencilLines {

    /** Middles keep within so much of what was measured, px. */
    private static final double ERROR_PX = 0.35;

    /** Ink so many times as wide as the usual line is solid. */
    private static final double WIDE = 3;

    /** Edges of solids are followed so exactly, mm. */
    private static final double EXACT_MM = 0.01;

    /** Stretches shorter than this are no change of the side, times the line's width. */
    private static final double SHORT = 2.5;

    /** So far beside its edge a line is asked what lies there, px. */
    private static final double BESIDE_PX = 2;

    private final ExteriorMask outside;
    private final double mmPerPx;
    private final List<Point> edgesPx;
    private final List<StencilLine> lines = new ArrayList<>();
    private int strokes;

    private StencilLines(TransferLines reads) {
        double pxPerMm = reads.paths().pxPerMm();
        this.mmPerPx = 1 / pxPerMm;
        this.outside = ExteriorMask.of(reads.ink().value(), Math.max(2, reads.gapPx()));
        this.edgesPx = reads.edges().stream().map(at -> at.times(pxPerMm)).toList();
    }

    /** The lines of a drawing, and its strokes as paths. */
    static List<StencilLine> of(TransferLines reads, StrokeArt art) {
        LineNet net = reads.study().value().net();
        StencilLines found = new StencilLines(reads);
        Solids solids = Solids.of(reads.shape(), WIDE * net.usualWidth() * found.mmPerPx);
        for (InkLine stroke : StrokeJoiner.join(net)) {
            found.stroke(stroke, solids);
        }
        for (Outline solid : art.solids()) {
            if (!solids.has(solid.outer().at(0, 0.5))) {
                solid.loops().forEach(found::edge);
            }
        }
        solids.edges().forEach(found::edge);
        return List.copyOf(found.lines);
    }

    private void stroke(InkLine stroke, Solids solids) {
        double[] xy = new double[2 * stroke.size()];
        boolean[] bold = new boolean[stroke.size()];
        for (int i = 0; i < stroke.size(); i++) {
            xy[2 * i] = stroke.x()[i];
            xy[2 * i + 1] = stroke.y()[i];
            bold[i] = isOutside(stroke, i);
        }
        settle(bold, (int) Math.ceil(SHORT * stroke.usualWidth()));
        if (isChosen(stroke)) {
            Arrays.fill(bold, true);
        }
        boolean[] hidden = new boolean[stroke.size()];
        boolean any = false;
        for (int i = 0; i < hidden.length; i++) {
            hidden[i] = solids.has(stroke.at(i).times(mmPerPx));
            any |= hidden[i];
        }
        if (any) {
            pieces(xy, bold, hidden, stroke.usualWidth());
        } else {
            add(xy, stroke.closed(), bold);
        }
    }

    /** What of a stroke lies outside solid blacks, which are drawn by their edges. */
    private void pieces(double[] xy, boolean[] bold, boolean[] hidden, double wide) {
        int from = -1;
        for (int i = 0; i <= hidden.length; i++) {
            boolean seen = i < hidden.length && !hidden[i];
            if (seen && from < 0) {
                from = i;
            } else if (!seen && from >= 0) {
                // Crumbs beside a solid are its own corners.
                if (i - from > Math.max(4, 1.5 * wide)) {
                    add(
                            Arrays.copyOfRange(xy, 2 * from, 2 * i),
                            false,
                            Arrays.copyOfRange(bold, from, i));
                }
                from = -1;
            }
        }
    }

    private boolean isOutside(InkLine stroke, int i) {
        int before = Math.max(0, i - 1);
        int after = Math.min(stroke.size() - 1, i + 1);
        Point along = stroke.at(after).minus(stroke.at(before)).unit();
        double reach = stroke.width()[i] / 2 + BESIDE_PX;
        return has(stroke.at(i), along, reach) || has(stroke.at(i), along, -reach);
    }

    private boolean has(Point at, Point along, double reach) {
        return outside.has(
                (int) Math.floor(at.x() - along.y() * reach),
                (int) Math.floor(at.y() + along.x() * reach));
    }

    private boolean isChosen(InkLine stroke) {
        double reach = Math.max(3, stroke.usualWidth());
        return edgesPx.stream()
                .anyMatch(
                        at -> {
                            for (int i = 0; i < stroke.size(); i++) {
                                if (stroke.at(i).distance(at) < reach) {
                                    return true;
                                }
                            }
                            return false;
                        });
    }

    /** Makes short stretches like what lies on both sides of them. */
    private static void settle(boolean[] bold, int shortest) {
        int n = bold.length;
        for (int pass = 0; pass < 2; pass++) {
            // First gaps in what is bold are closed, then crumbs taken off.
            boolean value = pass == 1;
            int from = 0;
            while (from < n) {
                int to = from;
                while (to < n && bold[to] == bold[from]) {
                    to++;
                }
                boolean inner = from > 0 && to < n || value;
                if (bold[from] == value && to - from < shortest && inner && to - from < n) {
                    for (int i = from; i < to; i++) {
                        bold[i] = !value;
                    }
                }
                from = to;
            }
        }
    }

    /** A stroke in the usual weight, and over it what is bold. */
    private void add(double[] xy, boolean closed, boolean[] bold) {
        int n = bold.length;
        int number = strokes++;
        CubicSegments whole = path(xy, 0, n, closed);
        lines.add(line(whole, closed && whole instanceof CubicLoop, false, xy, n / 2, number));
        boolean all = true;
        for (boolean one : bold) {
            all &= one;
        }
        if (all) {
            lines.add(line(whole, closed && whole instanceof CubicLoop, true, xy, n / 2, number));
            return;
        }
        int start = closed ? firstThin(bold) : 0;
        int from = -1;
        for (int k = 0; k <= n; k++) {
            boolean is = k < n && bold[(start + k) % n];
            if (is && from < 0) {
                from = k;
            } else if (!is && from >= 0) {
                double[] part = turned(xy, start + from, k - from);
                if (part.length >= 4) {
                    CubicSegments path = PathFitter.fit(part, ERROR_PX);
                    lines.add(line(path, false, true, part, part.length / 4, number));
                }
                from = -1;
            }
        }
    }

    private static int firstThin(boolean[] bold) {
        int first = 0;
        while (bold[first]) {
            first++;
        }
        return first;
    }

    /** Places from one on, round the ring. */
    private static double[] turned(double[] xy, int from, int count) {
        int n = xy.length / 2;
        double[] part = new double[2 * count];
        for (int k = 0; k < count; k++) {
            part[2 * k] = xy[2 * ((from + k) % n)];
            part[2 * k + 1] = xy[2 * ((from + k) % n) + 1];
        }
        return part;
    }

    private static CubicSegments path(double[] xy, int from, int to, boolean closed) {
        double[] part = turned(xy, from, to - from);
        return closed && part.length >= 6
                ? LoopFitter.fit(part, ERROR_PX).loop()
                : PathFitter.fit(part, ERROR_PX);
    }

    private StencilLine line(
            CubicSegments path, boolean closed, boolean bold, double[] xy, int at, int number) {
        double length = 0;
        for (int i = 2; i < xy.length; i += 2) {
            length += Math.hypot(xy[i] - xy[i - 2], xy[i + 1] - xy[i - 1]);
        }
        CubicSegments scaled =
                path instanceof CubicLoop loop
                        ? loop.scaled(mmPerPx)
                        : ((CubicPath) path).scaled(mmPerPx);
        Point place = new Point(xy[2 * at], xy[2 * at + 1]).times(mmPerPx);
        return new StencilLine(scaled, closed, bold, place, length * mmPerPx, number);
    }

    /** Round a solid black, bold where it borders on the outside. */
    private void edge(CubicLoop loop) {
        double[] xy = even(loop.flatten(EXACT_MM));
        int n = xy.length / 2;
        boolean[] bold = new boolean[n];
        for (int i = 0; i < n; i++) {
            Point here = new Point(xy[2 * i], xy[2 * i + 1]);
            Point next = new Point(xy[2 * ((i + 1) % n)], xy[2 * ((i + 1) % n) + 1]);
            Point along = next.minus(here).unit();
            bold[i] = has(here, along, 2 * BESIDE_PX) || has(here, along, -2 * BESIDE_PX);
        }
        settle(bold, (int) Math.ceil(SHORT * 4));
        add(xy, true, bold);
    }

    /** The places of a ring about a pixel apart, px. */
    private double[] even(double[] ring) {
        int m = ring.length / 2;
        List<double[]> places = new ArrayList<>();
        for (int i = 0; i < m; i++) {
            double x = ring[2 * i] / mmPerPx;
            double y = ring[2 * i + 1] / mmPerPx;
            double dx = ring[2 * ((i + 1) % m)] / mmPerPx - x;
            double dy = ring[2 * ((i + 1) % m) + 1] / mmPerPx - y;
            int steps = (int) Math.max(1, Math.round(Math.hypot(dx, dy)));
            for (int k = 0; k < steps; k++) {
                places.add(new double[] {x + dx * k / steps, y + dy * k / steps});
            }
        }
        double[] xy = new double[2 * places.size()];
        for (int i = 0; i < places.size(); i++) {
            xy[2 * i] = places.get(i)[0];
            xy[2 * i + 1] = places.get(i)[1];
        }
        return xy;
    }
}
