package neattrace.trace.mend;

import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.trace.InkEdit;
import neattrace.trace.InkLine;
import neattrace.trace.LineNode;
import neattrace.trace.centre.LineIndex.Spot;
import neattrace.trace.centre.PenTrack;

/** Leads free ends on. */
final class Joining {

    /** The edge of ink beside a gap and the middle of its line's end lie so far apart, px. */
    private static final double SLACK_PX = 3;

    /** A line's width where none is known, mm. */
    private static final double PLAIN_MM = 0.3;

    private final Strokes strokes;

    Joining(Strokes strokes) {
        this.strokes = strokes;
    }

    /** The free end of a line nearest to a place, mm; empty if none is within reach. */
    Optional<Point> tip(Point place, double reachMm) {
        return tipNode(place.times(strokes.pxPerMm), reachMm * strokes.pxPerMm)
                .map(node -> strokes.net.nodes().get(node).at().times(1 / strokes.pxPerMm));
    }

    private Optional<Integer> tipNode(Point px, double reachPx) {
        int best = -1;
        double least = reachPx;
        for (int i = 0; i < strokes.net.nodes().size(); i++) {
            LineNode node = strokes.net.nodes().get(i);
            double away = node.at().distance(px) - node.radius();
            if (node.isTip() && away <= least) {
                best = i;
                least = away;
            }
        }
        return best < 0 ? Optional.empty() : Optional.of(best);
    }

    /** A free end: where, which way it points, how wide the line is behind it. */
    private record Tip(Point at, Point out, double width) {}

    private Tip tip(int node) {
        for (InkLine line : strokes.net.lines()) {
            if (!line.closed() && (line.start() == node || line.end() == node)) {
                boolean start = line.start() == node;
                int n = line.size();
                int back = (int) Math.min((n - 1) / 2.0, Math.max(5, 2 * line.usualWidth()));
                Point end = line.at(start ? 0 : n - 1);
                Point near = line.at(start ? back : n - 1 - back);
                Point far = line.at(start ? 2 * back : n - 1 - 2 * back);
                double wide = line.width()[start ? back : n - 1 - back];
                return new Tip(end, heading(end, near, far), wide);
            }
        }
        throw new IllegalStateException("a tip without a line");
    }

    /** The direction at an end of a line that goes on bending as it did. */
    private static Point heading(Point end, Point near, Point far) {
        Point last = end.minus(near).unit();
        Point before = near.minus(far).unit();
        return last.plus(last.minus(before).times(0.5)).unit();
    }

    /**
     * Joins a free end to another one, or leads it on to a place on a line or on bare paper.
     *
     * @param from near the free end, mm
     * @param to near the other end, or the place
     * @param reachMm how far off either may be
     */
    Optional<InkEdit> join(Point from, Point to, double reachMm) {
        double reach = reachMm * strokes.pxPerMm;
        Optional<Integer> first = tipNode(from.times(strokes.pxPerMm), reach);
        if (first.isEmpty()) {
            return Optional.empty();
        }
        Tip start = tip(first.get());
        Optional<Integer> second =
                tipNode(to.times(strokes.pxPerMm), reach).filter(node -> !node.equals(first.get()));
        List<Point> curve;
        double endWidth;
        String what;
        if (second.isPresent()) {
            Tip end = tip(second.get());
            curve = Curves.hermite(start.at, start.out, end.at, end.out.times(-1));
            endWidth = end.width;
            what = "Ends joined";
        } else {
            Point px = to.times(strokes.pxPerMm);
            Optional<Spot> spot = strokes.onLine(px, reach);
            Point end = spot.map(s -> strokes.net.lines().get(s.line()).at(s.sample())).orElse(px);
            Point straight = end.minus(start.at).unit();
            curve = Curves.hermite(start.at, start.out, end, straight);
            endWidth = spot.isPresent() ? start.width : start.width / 2;
            what = spot.isPresent() ? "End led on to a line" : "Line extended";
        }
        return Optional.of(drawn(what, curve, start.width, endWidth));
    }

    private InkEdit drawn(String what, List<Point> curve, double startWidth, double endWidth) {
        PenTrack track = Curves.track(curve, new double[] {startWidth, endWidth});
        Point middle = track.at(track.size() / 2).times(1 / strokes.pxPerMm);
        return new InkEdit(what, middle, List.of(), List.of(track.onPage(strokes.pxPerMm)));
    }

    /**
     * Closes a gap with ink: free ends at it are led on along their own directions; between lines
     * without ends there, a plain line is drawn as wide as they are.
     *
     * @param from the ink on one side, mm
     * @param to the ink on the other side, mm
     */
    InkEdit close(Point from, Point to) {
        Point first = from.times(strokes.pxPerMm);
        Point second = to.times(strokes.pxPerMm);
        double reach = first.distance(second) / 2 + SLACK_PX;
        if (tipNode(first, reach).isPresent()) {
            return join(from, to, reach / strokes.pxPerMm).orElseThrow();
        }
        if (tipNode(second, reach).isPresent()) {
            return join(to, from, reach / strokes.pxPerMm).orElseThrow();
        }
        double width = Math.min(widthNear(first, reach), widthNear(second, reach));
        Point along = second.minus(first).unit().times(width / 2);
        List<Point> line = Curves.straight(first.minus(along), second.plus(along));
        return drawn("Gap closed with ink", line, width, width);
    }

    /**
     * Runs the end at a gap on past the ink that it should have met.
     *
     * @param from the ink on one side, mm
     * @param to the ink on the other side, mm
     * @param pastMm how far beyond that ink's edge it goes
     */
    InkEdit runPast(Point from, Point to, double pastMm) {
        double reach = from.distance(to) * strokes.pxPerMm / 2 + SLACK_PX;
        boolean turn =
                tipNode(from.times(strokes.pxPerMm), reach).isEmpty()
                        && tipNode(to.times(strokes.pxPerMm), reach).isPresent();
        Point first = (turn ? to : from).times(strokes.pxPerMm);
        Point second = (turn ? from : to).times(strokes.pxPerMm);
        Point end = second.plus(second.minus(first).unit().times(pastMm * strokes.pxPerMm));
        Optional<Integer> node = tipNode(first, reach);
        if (node.isEmpty()) {
            double width = widthNear(first, reach);
            return drawn("Line run on past a gap", Curves.straight(first, end), width, width / 2);
        }
        Tip tip = tip(node.get());
        List<Point> curve = Curves.hermite(tip.at, tip.out, end, end.minus(tip.at).unit());
        return drawn("Line run on past a gap", curve, tip.width, tip.width / 2);
    }

    private double widthNear(Point px, double reach) {
        return strokes.onLine(px, reach)
                .map(spot -> strokes.net.lines().get(spot.line()).width()[spot.sample()])
                .orElse(PLAIN_MM * strokes.pxPerMm);
    }
}
