package neattrace.trace.mend;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Freehand;
import neattrace.geom.Point;
import neattrace.trace.InkEdit;
import neattrace.trace.InkLine;
import neattrace.trace.InkShape;
import neattrace.trace.centre.LineIndex.Spot;
import neattrace.trace.centre.PenTrack;
import neattrace.trace.weight.Taper;

/** Gives strokes other widths. */
final class Widening {

    private final Strokes strokes;

    Widening(Strokes strokes) {
        this.strokes = strokes;
    }

    /** Gives the whole stroke at a place one width. */
    Optional<InkEdit> oneWidth(Point place, double widthMm, double reachMm) {
        return spot(place, reachMm)
                .map(
                        spot -> {
                            double[] widths = new double[strokes.all.get(spot.line()).size()];
                            Arrays.fill(widths, widthMm * strokes.pxPerMm);
                            return widen("One width", spot.line(), 0, widths, place);
                        });
    }

    /** Lets the free ends of the stroke at a place thin out over a share of its length. */
    Optional<InkEdit> taper(Point place, double share, double reachMm) {
        Optional<Spot> spot = spot(place, reachMm);
        if (spot.isEmpty() || strokes.all.get(spot.get().line()).closed()) {
            return Optional.empty();
        }
        InkLine stroke = strokes.all.get(spot.get().line());
        boolean start = strokes.net.nodes().get(stroke.start()).isTip();
        boolean end = strokes.net.nodes().get(stroke.end()).isTip();
        if (!start && !end) {
            return Optional.empty();
        }
        double[] widths = Taper.widths(stroke, start, end, share);
        return Optional.of(widen("Ends tapered", spot.get().line(), 0, widths, place));
    }

    /** Makes the stroke at the beginning of a brush's track thicker or thinner along the track. */
    Optional<InkEdit> brush(List<Point> brush, double radiusMm, double factor, double reachMm) {
        Optional<Spot> spot = brush.isEmpty() ? Optional.empty() : spot(brush.get(0), reachMm);
        if (spot.isEmpty()) {
            return Optional.empty();
        }
        InkLine stroke = strokes.all.get(spot.get().line());
        List<Point> px = Freehand.even(brush.stream().map(p -> p.times(strokes.pxPerMm)).toList());
        double radius = radiusMm * strokes.pxPerMm;
        double[] widths = stroke.width().clone();
        int first = widths.length;
        int last = -1;
        for (int i = 0; i < widths.length; i++) {
            double strength = Brush.strength(stroke.at(i), px, radius + widths[i] / 2);
            if (strength > 0) {
                first = Math.min(first, i);
                last = i;
                double least = Math.min(Strokes.LEAST_WIDTH_PX, widths[i]);
                widths[i] = Math.max(least, widths[i] * (1 + (factor - 1) * strength));
            }
        }
        if (last <= first) {
            return Optional.empty();
        }
        String what = factor > 1 ? "Line thickened" : "Line thinned";
        double[] part = Arrays.copyOfRange(widths, first, last + 1);
        return Optional.of(
                widen(what, spot.get().line(), first, part, brush.get(brush.size() / 2)));
    }

    private Optional<Spot> spot(Point place, double reachMm) {
        return strokes.onStroke(place.times(strokes.pxPerMm), reachMm * strokes.pxPerMm);
    }

    /** Wipes a stretch off, unless it only grows, and draws it with other widths. */
    private InkEdit widen(String what, int stroke, int first, double[] widths, Point place) {
        InkLine line = strokes.all.get(stroke);
        int last = first + widths.length - 1;
        boolean grows = true;
        for (int i = 0; i < widths.length; i++) {
            grows &= widths[i] >= line.width()[first + i];
        }
        List<InkShape> wiped = grows ? List.of() : strokes.wiped(stroke, first, last);
        PenTrack track = PenTrack.of(line, first, last).withWidth(widths);
        if (line.closed() && widths.length == line.size()) {
            track = track.closed();
        }
        return new InkEdit(what, place, wiped, List.of(track.onPage(strokes.pxPerMm)));
    }
}
