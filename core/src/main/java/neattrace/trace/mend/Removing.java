package neattrace.trace.mend;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.trace.InkEdit;
import neattrace.trace.InkLine;
import neattrace.trace.InkShape;
import neattrace.trace.SolidBlack;
import neattrace.trace.Stub;
import neattrace.trace.centre.LineIndex.Spot;
import neattrace.trace.centre.PenTrack;

/** Takes things off: nubs, dots, lines back to where they meet the next. */
final class Removing {

    private final Strokes strokes;

    Removing(Strokes strokes) {
        this.strokes = strokes;
    }

    /**
     * Takes away what is at a place: a nub that sticks out of a line, a dot, or a line, back to
     * where it meets the next.
     *
     * @param reachMm how far the place may lie beside it
     */
    Optional<InkEdit> takeAway(Point place, double reachMm) {
        Point px = place.times(strokes.pxPerMm);
        double reach = reachMm * strokes.pxPerMm;
        for (Stub stub : strokes.net.stubs()) {
            if (stub.tip().distance(px) <= Math.max(reach, stub.out())) {
                return Optional.of(takeAway(stub));
            }
        }
        Optional<SolidBlack> dot =
                strokes.net.solids().stream()
                        .filter(solid -> solid.at().distance(px) <= solid.largestRadius() + reach)
                        .findFirst();
        Optional<Spot> spot = strokes.onLine(px, reach);
        if (spot.isPresent() && (dot.isEmpty() || spot.get().away() < 0.5)) {
            return takeAway(spot.get().line());
        }
        return dot.flatMap(solid -> takeAway(solid, place));
    }

    /** Takes a nub off the line it sticks out of. */
    InkEdit takeAway(Stub stub) {
        Point out = stub.tip().minus(stub.root()).unit();
        Point end = stub.tip().plus(out.times(2));
        double wide = Math.max(4, stub.lineWidth());
        PenTrack track =
                new PenTrack(
                        new double[] {stub.root().x(), end.x()},
                        new double[] {stub.root().y(), end.y()},
                        new double[] {wide, wide});
        List<double[]> rings = strokes.ground.alone(track, line -> false, List.of());
        return new InkEdit(
                "Nub taken off",
                stub.tip().times(1 / strokes.pxPerMm),
                List.of(Ground.onPage(rings, strokes.pxPerMm)),
                List.of());
    }

    private Optional<InkEdit> takeAway(SolidBlack dot, Point place) {
        double[] wide = Arrays.stream(dot.radius()).map(r -> 2 * r + 6).toArray();
        PenTrack track = new PenTrack(dot.x(), dot.y(), wide);
        InkShape.Stroke stroke = track.onPage(strokes.pxPerMm);
        return Optional.of(new InkEdit("Dot taken away", place, List.of(stroke), List.of()));
    }

    private Optional<InkEdit> takeAway(int line) {
        InkLine ink = strokes.net.lines().get(line);
        PenTrack track = PenTrack.of(ink);
        List<double[]> rings = strokes.ground.alone(track, other -> other == line, List.of());
        if (rings.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                new InkEdit(
                        ink.closed() || isFree(ink) ? "Line taken away" : "Line trimmed",
                        ink.at(ink.size() / 2).times(1 / strokes.pxPerMm),
                        List.of(Ground.onPage(rings, strokes.pxPerMm)),
                        List.of()));
    }

    private boolean isFree(InkLine line) {
        return strokes.net.nodes().get(line.start()).isTip()
                && strokes.net.nodes().get(line.end()).isTip();
    }

    InkEdit evenOut(String what, int line, int from, int to, double widthPx, double wipedPx) {
        InkLine ink = strokes.net.lines().get(line);
        PenTrack old = PenTrack.of(ink, from, to);
        int n = old.size();
        double[] x = new double[n];
        double[] y = new double[n];
        double[] wide = new double[n];
        for (int k = 0; k < n; k++) {
            double share = (double) k / (n - 1);
            x[k] = old.x()[0] * (1 - share) + old.x()[n - 1] * share;
            y[k] = old.y()[0] * (1 - share) + old.y()[n - 1] * share;
            wide[k] = widthPx;
        }
        PenTrack even = new PenTrack(x, y, wide);
        List<PenTrack> kept = new ArrayList<>(Strokes.rest(ink, from, to));
        kept.add(even);
        double[] wiped = new double[n];
        Arrays.fill(wiped, wipedPx);
        List<double[]> rings =
                strokes.ground.alone(old.withWidth(wiped), other -> other == line, kept);
        List<InkShape> gone =
                rings.isEmpty() ? List.of() : List.of(Ground.onPage(rings, strokes.pxPerMm));
        return new InkEdit(what, strokes.middle(even), gone, List.of(even.onPage(strokes.pxPerMm)));
    }
}
