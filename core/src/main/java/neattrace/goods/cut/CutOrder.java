package neattrace.goods.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neattrace.geom.CubicLoop;
import neattrace.geom.Point;

/**
 * In which order a blade cuts stickers, and where on each line it sets down, so that it travels
 * little with the blade up: from the corner of the sheet to the nearest, then two-opt and or-opt
 * moves (G. Croes, "A method for solving traveling-salesman problems", Operations Research 6, 1958;
 * I. Or, 1976) from several beginnings, then the joints nearest to where it comes from and goes to.
 * Holes of a sticker come before its outside, which would set it free. Cost: some milliseconds for
 * a hundred stickers.
 */
public final class CutOrder {

    private static final int BEGINNINGS = 12;
    private static final int ROUNDS = 4;
    private static final int LONGEST_RUN = 3;

    /** What is gained by less is rounding, mm. */
    private static final double GAIN = 1e-9;

    private final List<List<CubicLoop>> stickers;
    private final Point[] enter;

    private CutOrder(List<List<CubicLoop>> stickers) {
        this.stickers = stickers;
        this.enter = new Point[stickers.size()];
        for (int i = 0; i < enter.length; i++) {
            enter[i] = stickers.get(i).get(stickers.get(i).size() - 1).point(0);
        }
    }

    /**
     * All lines in the order in which they are cut, each from where the blade sets down.
     *
     * @param stickers the lines of each, the outside first
     */
    public static List<CubicLoop> of(List<List<CubicLoop>> stickers) {
        List<List<CubicLoop>> insideFirst = new ArrayList<>();
        for (List<CubicLoop> lines : stickers) {
            List<CubicLoop> turned = new ArrayList<>(lines.subList(1, lines.size()));
            turned.add(lines.get(0));
            insideFirst.add(turned);
        }
        return stickers.isEmpty() ? List.of() : new CutOrder(insideFirst).lines();
    }

    private List<CubicLoop> lines() {
        int[] tour = best();
        for (int round = 0; round < ROUNDS; round++) {
            settle(tour);
            improve(tour);
        }
        List<CubicLoop> lines = new ArrayList<>();
        Point at = new Point(0, 0);
        for (int k = 0; k < tour.length; k++) {
            List<CubicLoop> own = stickers.get(tour[k]);
            for (int i = 0; i + 1 < own.size(); i++) {
                lines.add(from(own.get(i), nearest(own.get(i), at, at)));
                at = lines.get(lines.size() - 1).point(0);
            }
            Point next = k + 1 < tour.length ? enter[tour[k + 1]] : at;
            CubicLoop outside = own.get(own.size() - 1);
            lines.add(from(outside, nearest(outside, at, next)));
            at = lines.get(lines.size() - 1).point(0);
        }
        return lines;
    }

    /** Lets the blade set down where it is best for what comes before and after. */
    private void settle(int[] tour) {
        for (int k = 0; k < tour.length; k++) {
            Point before = k == 0 ? new Point(0, 0) : enter[tour[k - 1]];
            Point after = k + 1 < tour.length ? enter[tour[k + 1]] : before;
            List<CubicLoop> own = stickers.get(tour[k]);
            CubicLoop outside = own.get(own.size() - 1);
            enter[tour[k]] = outside.point(nearest(outside, before, after));
        }
    }

    private static int nearest(CubicLoop loop, Point before, Point after) {
        int nearest = 0;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < loop.size(); i++) {
            double way = loop.point(i).distance(before) + loop.point(i).distance(after);
            if (way < least) {
                least = way;
                nearest = i;
            }
        }
        return nearest;
    }

    private static CubicLoop from(CubicLoop loop, int joint) {
        return loop.startingAt(joint);
    }

    private int[] best() {
        Random random = new Random(1);
        int[] best = null;
        double least = Double.MAX_VALUE;
        for (int k = 0; k < BEGINNINGS; k++) {
            int[] tour = k == 0 ? byNearest() : shuffled(random);
            improve(tour);
            double length = length(tour);
            if (length < least) {
                least = length;
                best = tour;
            }
        }
        return best;
    }

    private int[] byNearest() {
        int n = enter.length;
        int[] tour = new int[n];
        boolean[] used = new boolean[n];
        Point at = new Point(0, 0);
        for (int k = 0; k < n; k++) {
            int nearest = -1;
            for (int i = 0; i < n; i++) {
                if (!used[i]
                        && (nearest < 0 || enter[i].distance(at) < enter[nearest].distance(at))) {
                    nearest = i;
                }
            }
            used[nearest] = true;
            tour[k] = nearest;
            at = enter[nearest];
        }
        return tour;
    }

    private int[] shuffled(Random random) {
        int[] tour = new int[enter.length];
        for (int i = 0; i < tour.length; i++) {
            int j = random.nextInt(i + 1);
            tour[i] = tour[j];
            tour[j] = i;
        }
        return tour;
    }

    private double length(int[] tour) {
        double length = 0;
        for (int k = 0; k < tour.length; k++) {
            length += way(tour, k - 1, k);
        }
        return length;
    }

    /** From one place of a tour to another; before the first is the sheet's corner. */
    private double way(int[] tour, int from, int to) {
        if (to >= tour.length) {
            return 0;
        }
        Point start = from < 0 ? new Point(0, 0) : enter[tour[from]];
        return start.distance(enter[tour[to]]);
    }

    private void improve(int[] tour) {
        boolean better = true;
        while (better) {
            better = reversed(tour) || moved(tour);
        }
    }

    /** Turns a stretch round where that is shorter. */
    private boolean reversed(int[] tour) {
        boolean better = false;
        for (int i = 0; i + 1 < tour.length; i++) {
            for (int j = i + 1; j < tour.length; j++) {
                double now = way(tour, i - 1, i) + way(tour, j, j + 1);
                double then = way(tour, i - 1, j) + way(tour, i, j + 1);
                if (then < now - GAIN) {
                    for (int a = i, b = j; a < b; a++, b--) {
                        int kept = tour[a];
                        tour[a] = tour[b];
                        tour[b] = kept;
                    }
                    better = true;
                }
            }
        }
        return better;
    }

    /** Moves a short stretch elsewhere where that is shorter. */
    private boolean moved(int[] tour) {
        for (int run = 1; run <= LONGEST_RUN; run++) {
            for (int i = 0; i + run <= tour.length; i++) {
                int last = i + run - 1;
                double gain = way(tour, i - 1, i) + way(tour, last, last + 1);
                gain -= last + 1 < tour.length ? way(tour, i - 1, last + 1) : 0;
                for (int after = -1; after < tour.length; after++) {
                    if (after >= i - 1 && after <= last) {
                        continue;
                    }
                    double cost = way(tour, after, i) + way(tour, last, after + 1);
                    if (cost - way(tour, after, after + 1) < gain - GAIN) {
                        int[] other = with(tour, i, run, after < i ? after + 1 : after - run + 1);
                        System.arraycopy(other, 0, tour, 0, tour.length);
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private static int[] with(int[] tour, int from, int run, int to) {
        List<Integer> order = new ArrayList<>();
        for (int one : tour) {
            order.add(one);
        }
        List<Integer> taken = new ArrayList<>(order.subList(from, from + run));
        order.subList(from, from + run).clear();
        order.addAll(to, taken);
        return order.stream().mapToInt(Integer::intValue).toArray();
    }
}
