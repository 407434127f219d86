package neattrace.print;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.CubicPath;
import neattrace.geom.Point;

/**
 * In which order a pen draws strokes, and from which end, so that it travels little while it is
 * lifted: from the sheet's upper left corner always on to the nearest end, then stretches of the
 * way turned round as long as that helps (two-opt: G. Croes, Operations Research 6, 1958). Strokes
 * round begin at the joint that is nearest. The same every time; time grows with the square of
 * their number, a tenth of a second for two thousand.
 */
final class PenOrder {

    /** Stretches that are turned round are no longer, in strokes. */
    private static final int LONGEST = 400;

    private static final int ROUNDS = 30;

    /** What is gained by less is rounding, mm. */
    private static final double GAIN = 1e-9;

    private final List<PrintShape.Stroked> strokes;

    /** Which stroke comes when, and whether it is drawn from its end. */
    private final int[] tour;

    private final boolean[] turned;

    private PenOrder(List<PrintShape.Stroked> strokes) {
        this.strokes = strokes;
        this.tour = new int[strokes.size()];
        this.turned = new boolean[strokes.size()];
    }

    /** The same strokes in the order in which they are best drawn. */
    static List<PrintShape.Stroked> of(List<PrintShape.Stroked> strokes) {
        PenOrder order = new PenOrder(strokes);
        order.byNearest();
        boolean better = true;
        for (int k = 0; k < ROUNDS && better; k++) {
            better = order.improve();
        }
        return order.drawn();
    }

    /** How far a pen travels while it is lifted, from the sheet's corner on, mm. */
    static double travelMm(List<PrintShape.Stroked> strokes) {
        double travel = 0;
        Point at = new Point(0, 0);
        for (PrintShape.Stroked stroke : strokes) {
            travel += at.distance(start(stroke));
            at = end(stroke);
        }
        return travel;
    }

    private static Point start(PrintShape.Stroked stroke) {
        return stroke.path().point(0);
    }

    private static Point end(PrintShape.Stroked stroke) {
        return stroke.closed() ? start(stroke) : stroke.path().point(stroke.path().size());
    }

    private void byNearest() {
        boolean[] used = new boolean[tour.length];
        Point at = new Point(0, 0);
        for (int k = 0; k < tour.length; k++) {
            int best = -1;
            boolean back = false;
            double least = Double.MAX_VALUE;
            for (int i = 0; i < tour.length; i++) {
                if (used[i]) {
                    continue;
                }
                double there = at.distance(start(strokes.get(i)));
                double other = at.distance(end(strokes.get(i)));
                if (Math.min(there, other) < least) {
                    least = Math.min(there, other);
                    best = i;
                    back = other < there;
                }
            }
            used[best] = true;
            tour[k] = best;
            turned[k] = back;
            at = out(k);
        }
    }

    private Point in(int k) {
        PrintShape.Stroked stroke = strokes.get(tour[k]);
        return turned[k] ? end(stroke) : start(stroke);
    }

    private Point out(int k) {
        PrintShape.Stroked stroke = strokes.get(tour[k]);
        return turned[k] ? start(stroke) : end(stroke);
    }

    /** Turns stretches of the way round where that is shorter; whether any was. */
    private boolean improve() {
        boolean better = false;
        int n = tour.length;
        for (int i = 0; i < n; i++) {
            Point before = i == 0 ? new Point(0, 0) : out(i - 1);
            for (int j = i; j < Math.min(n, i + LONGEST); j++) {
                double now = before.distance(in(i));
                double then = before.distance(out(j));
                if (j + 1 < n) {
                    now += out(j).distance(in(j + 1));
                    then += in(i).distance(in(j + 1));
                }
                if (then < now - GAIN) {
                    turnRound(i, j);
                    better = true;
                }
            }
        }
        return better;
    }

    private void turnRound(int from, int to) {
        for (int a = from, b = to; a <= b; a++, b--) {
            int kept = tour[a];
            boolean was = turned[a];
            tour[a] = tour[b];
            turned[a] = !turned[b];
            tour[b] = kept;
            turned[b] = !was;
        }
    }

    private List<PrintShape.Stroked> drawn() {
        List<PrintShape.Stroked> drawn = new ArrayList<>();
        Point at = new Point(0, 0);
        for (int k = 0; k < tour.length; k++) {
            PrintShape.Stroked stroke = strokes.get(tour[k]);
            if (stroke.path() instanceof CubicLoop loop && stroke.closed()) {
                stroke = stroke.startingAt(nearest(loop, at));
            } else if (turned[k] && stroke.path() instanceof CubicPath) {
                stroke = stroke.reversed();
            }
            drawn.add(stroke);
            at = end(stroke);
        }
        // Strokes round begin elsewhere now, which may have made the way longer.
        return travelMm(drawn) <= travelMm(strokes) ? drawn : strokes;
    }

    private static int nearest(CubicLoop loop, Point at) {
        int best = 0;
        for (int i = 1; i < loop.size(); i++) {
            best = loop.point(i).distance(at) < loop.point(best).distance(at) ? i : best;
        }
        return best;
    }
}
