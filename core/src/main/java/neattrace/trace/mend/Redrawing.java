package neattrace.trace.mend;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Freehand;
import neattrace.geom.Point;
import neattrace.trace.InkEdit;
import neattrace.trace.InkLine;
import neattrace.trace.InkShape;
import neattrace.trace.centre.LineIndex.Spot;
import neattrace.trace.centre.PenTrack;

/** Puts a hand's line in the place of a stretch, of an end, or where nothing was. */
final class Redrawing {

    /** Ends of free strokes thin out over this share of their length. */
    private static final double FREE_TAPER = 0.3;

    private final Strokes strokes;

    Redrawing(Strokes strokes) {
        this.strokes = strokes;
    }

    /**
     * Redraws a stretch or an end of a line by a line drawn over it, or draws a new line where
     * there is none. The old line's widths are kept along the new one.
     *
     * @param drawn the hand's line, mm
     * @param reachMm how far from a line it may begin or end to take that line's place
     */
    Optional<InkEdit> redraw(List<Point> drawn, double reachMm) {
        if (drawn.size() < 2) {
            return Optional.empty();
        }
        double reach = reachMm * strokes.pxPerMm;
        List<Point> px = drawn.stream().map(p -> p.times(strokes.pxPerMm)).toList();
        Optional<Spot> from = strokes.onStroke(px.get(0), reach);
        Optional<Spot> to = strokes.onStroke(px.get(px.size() - 1), reach);
        if (from.isPresent() && to.isPresent() && from.get().line() == to.get().line()) {
            return Optional.of(redrawStretch(px, from.get(), to.get()));
        }
        if (from.isPresent() && freeEnd(from.get(), px.get(px.size() - 1)).isPresent()) {
            return Optional.of(redrawEnd(px, from.get()));
        }
        List<Point> back = new ArrayList<>(px);
        Collections.reverse(back);
        if (to.isPresent() && freeEnd(to.get(), back.get(back.size() - 1)).isPresent()) {
            return Optional.of(redrawEnd(back, to.get()));
        }
        return Optional.of(newLine(px, from, to));
    }

    private InkEdit redrawStretch(List<Point> px, Spot from, Spot to) {
        InkLine stroke = strokes.all.get(from.line());
        boolean forward = forward(stroke, px, from, to);
        PenTrack old =
                forward
                        ? PenTrack.of(stroke, from.sample(), to.sample())
                        : PenTrack.of(stroke, to.sample(), from.sample());
        double[] widths = old.width().clone();
        if (!forward) {
            for (int i = 0; i < widths.length; i++) {
                widths[i] = old.width()[widths.length - 1 - i];
            }
        }
        List<Point> line = new ArrayList<>(px);
        line.set(0, strokes.at(from));
        line.set(line.size() - 1, strokes.at(to));
        List<InkShape> wiped =
                forward
                        ? strokes.wiped(from.line(), from.sample(), to.sample())
                        : strokes.wiped(from.line(), to.sample(), from.sample());
        return replace("Stretch redrawn", wiped, line, widths);
    }

    /** Which way round a ring the hand went; along an open line there is only one. */
    private static boolean forward(InkLine stroke, List<Point> px, Spot from, Spot to) {
        if (!stroke.closed()) {
            return from.sample() <= to.sample();
        }
        Point middle = px.get(px.size() / 2);
        PenTrack ahead = PenTrack.of(stroke, from.sample(), to.sample());
        PenTrack round = PenTrack.of(stroke, to.sample(), from.sample());
        return ahead.at(ahead.size() / 2).distance(middle)
                <= round.at(round.size() / 2).distance(middle);
    }

    private InkEdit replace(String what, List<InkShape> wiped, List<Point> line, double[] widths) {
        PenTrack track =
                Curves.track(Freehand.smoothed(line), widths.length < 2 ? twice(widths) : widths);
        Point middle = strokes.middle(track);
        return new InkEdit(what, middle, wiped, List.of(track.onPage(strokes.pxPerMm)));
    }

    private static double[] twice(double[] one) {
        return new double[] {one[0], one[0]};
    }

    /** The sample at the free end of a stroke towards which a hand went; empty if it has none. */
    private Optional<Integer> freeEnd(Spot spot, Point handEnd) {
        InkLine stroke = strokes.all.get(spot.line());
        if (stroke.closed()) {
            return Optional.empty();
        }
        int last = stroke.size() - 1;
        boolean startFree = strokes.net.nodes().get(stroke.start()).isTip();
        boolean endFree = strokes.net.nodes().get(stroke.end()).isTip();
        double toStart = stroke.at(0).distance(handEnd);
        double toEnd = stroke.at(last).distance(handEnd);
        if (startFree && (toStart <= toEnd || !endFree)) {
            return Optional.of(0);
        }
        return endFree ? Optional.of(last) : Optional.empty();
    }

    private InkEdit redrawEnd(List<Point> px, Spot from) {
        InkLine stroke = strokes.all.get(from.line());
        int end = freeEnd(from, px.get(px.size() - 1)).orElseThrow();
        boolean forward = end > 0;
        PenTrack old =
                forward
                        ? PenTrack.of(stroke, from.sample(), end)
                        : PenTrack.of(stroke, end, from.sample());
        double[] widths = old.width().clone();
        if (!forward) {
            for (int i = 0; i < widths.length; i++) {
                widths[i] = old.width()[widths.length - 1 - i];
            }
        }
        List<Point> line = new ArrayList<>(px);
        line.set(0, strokes.at(from));
        List<InkShape> wiped =
                forward
                        ? strokes.wiped(from.line(), from.sample(), end)
                        : strokes.wiped(from.line(), end, from.sample());
        return replace("End redrawn", wiped, line, widths);
    }

    private InkEdit newLine(List<Point> px, Optional<Spot> from, Optional<Spot> to) {
        double usual = strokes.usualWidth();
        List<Point> line = new ArrayList<>(px);
        from.ifPresent(spot -> line.set(0, strokes.at(spot)));
        to.ifPresent(spot -> line.set(line.size() - 1, strokes.at(spot)));
        List<Point> curve = Freehand.smoothed(line);
        double[] widths = new double[curve.size()];
        for (int i = 0; i < widths.length; i++) {
            double share = widths.length == 1 ? 0 : (double) i / (widths.length - 1);
            double swell = 1;
            if (from.isEmpty()) {
                swell = Math.min(swell, Math.sin(Math.PI / 2 * Math.min(1, share / FREE_TAPER)));
            }
            if (to.isEmpty()) {
                double rest = (1 - share) / FREE_TAPER;
                swell = Math.min(swell, Math.sin(Math.PI / 2 * Math.min(1, rest)));
            }
            widths[i] = Math.max(Strokes.LEAST_WIDTH_PX, usual * swell);
        }
        PenTrack track = Curves.track(curve, widths.length < 2 ? twice(widths) : widths);
        Point middle = strokes.middle(track);
        return new InkEdit("Line drawn", middle, List.of(), List.of(track.onPage(strokes.pxPerMm)));
    }
}
