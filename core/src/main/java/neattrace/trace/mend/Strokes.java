package neattrace.trace.mend;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import neattrace.geom.Point;
import neattrace.trace.InkLine;
import neattrace.trace.InkShape;
import neattrace.trace.LineNet;
import neattrace.trace.centre.LineIndex;
import neattrace.trace.centre.LineIndex.Spot;
import neattrace.trace.centre.PenTrack;
import neattrace.trace.centre.StrokeJoiner;

/** The lines of a drawing and the strokes they make, to be pointed at and wiped off. */
final class Strokes {

    /** What is thinner falls apart between the pixels, px. */
    static final double LEAST_WIDTH_PX = 1.4;

    /** Wiping a stretch reaches no farther beyond its ends than so many widths. */
    private static final double REST_WIDTHS = 3;

    final LineNet net;
    final double pxPerMm;
    final Ground ground;
    final List<InkLine> all;
    private final List<int[]> orders;
    final LineIndex lineIndex;
    private final LineIndex strokeIndex;

    Strokes(LineNet net, double pxPerMm) {
        this.net = net;
        this.pxPerMm = pxPerMm;
        this.lineIndex = new LineIndex(net.lines());
        this.ground = new Ground(net, lineIndex);
        this.orders = StrokeJoiner.order(net);
        this.all = orders.stream().map(order -> StrokeJoiner.joined(net, order)).toList();
        this.strokeIndex = new LineIndex(all);
    }

    Optional<Spot> onLine(Point px, double reachPx) {
        return lineIndex.nearest(px, reachPx);
    }

    Optional<Spot> onStroke(Point px, double reachPx) {
        return strokeIndex.nearest(px, reachPx);
    }

    Point at(Spot spot) {
        return all.get(spot.line()).at(spot.sample());
    }

    Point onPage(Point px) {
        return px.times(1 / pxPerMm);
    }

    Point middle(PenTrack track) {
        return onPage(track.at(track.size() / 2));
    }

    /**
     * What to wipe for a stretch of a stroke to go; what it goes on as and other lines are kept.
     *
     * @param from first sample of the stretch
     * @param to last sample, before the first one if the stretch runs over a ring's start
     */
    List<InkShape> wiped(int stroke, int from, int to) {
        Set<Integer> own = new HashSet<>();
        for (int one : orders.get(stroke)) {
            own.add(one >= 0 ? one : -1 - one);
        }
        InkLine line = all.get(stroke);
        PenTrack old = PenTrack.of(line, from, to);
        List<double[]> rings = ground.alone(old, own::contains, rest(line, from, to));
        return rings.isEmpty() ? List.of() : List.of(Ground.onPage(rings, pxPerMm));
    }

    /** The line's own samples on either side of a stretch, as far as wiping could reach. */
    static List<PenTrack> rest(InkLine line, int from, int to) {
        int n = line.size();
        int reach = (int) (REST_WIDTHS * Math.max(line.width()[from], line.width()[to])) + 4;
        int left = from <= to ? n - (to - from) - 1 : from - to - 1;
        List<PenTrack> rest = new ArrayList<>();
        if (line.closed()) {
            if (left >= 2) {
                int each = Math.min(reach, left / 2);
                rest.add(PenTrack.of(line, Math.floorMod(from - each, n), from));
                rest.add(PenTrack.of(line, to, (to + each) % n));
            }
            return rest;
        }
        if (from > 0) {
            rest.add(PenTrack.of(line, Math.max(0, from - reach), from));
        }
        if (to < n - 1) {
            rest.add(PenTrack.of(line, to, Math.min(n - 1, to + reach)));
        }
        return rest;
    }

    /** The width that half of the lines fall short of, px. */
    double usualWidth() {
        return net.lines().isEmpty() ? 3 : net.usualWidth();
    }
}
