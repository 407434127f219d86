package neattrace.trace.centre;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neattrace.geom.Point;

/**
 * Where lines meet. Lines that go on as one another are bridged; the others run straight on to what
 * is bridged, or to where they all meet.
 */
final class Meeting {

    /** What two lines that both go nowhere cost; those less alike are no pair. Radians. */
    private static final double ALONE = 0.5;

    /** Lines that differ by more in direction never go on as one another. */
    private static final double MOST_TURN = Math.toRadians(75);

    /** With more lines the best pair is taken first. */
    private static final int FEW = 8;

    /** A pull towards where the skeleton forks, beside the directions of the lines. */
    private static final double PULL = 0.02;

    private final Probe probe;
    private final Point middle;
    private final double radius;
    private final List<Approach> ends;
    private final List<Bridge> bridges = new ArrayList<>();
    private Point place;

    /**
     * A meeting.
     *
     * @param probe into the ink that they are of
     */
    Meeting(Probe probe, Point middle, double radius, List<Approach> ends) {
        this.probe = probe;
        this.middle = middle;
        this.radius = radius;
        this.ends = ends;
    }

    Point place() {
        return place;
    }

    List<Bridge> bridges() {
        return bridges;
    }

    /** How little two ends go on as one another; more than any pair's if they can't. */
    static double unlike(Approach a, Approach b) {
        return a.turnTo(b) > MOST_TURN ? Double.MAX_VALUE : a.unlike(b);
    }

    /** Pairs ends, bridges them, and finds where all meet. */
    void settle() {
        double[][] cost = costs();
        int[] partner = bridged(cost);
        place = meeting(partner);
        bridges.forEach(bridge -> bridge.meetAt(place));
        if (bridges.size() == 1) {
            place = bridges.get(0).meeting();
        }
    }

    /** Pairs ends and bridges them; what would lead over paper is no pair. */
    private int[] bridged(double[][] cost) {
        while (true) {
            int[] partner = partners(cost);
            boolean sound = true;
            bridges.clear();
            for (int i = 0; i < partner.length; i++) {
                if (partner[i] > i) {
                    Bridge bridge = new Bridge(ends.get(i), ends.get(partner[i]));
                    bridges.add(bridge);
                    if (!probe.isInk(bridge.way())) {
                        cost[i][partner[i]] = Double.MAX_VALUE;
                        cost[partner[i]][i] = Double.MAX_VALUE;
                        sound = false;
                    }
                }
            }
            if (sound) {
                return partner;
            }
        }
    }

    private Point meeting(int[] partner) {
        Point usual = nearestToAll();
        if (bridges.isEmpty()) {
            return usual;
        }
        for (int i = 0; i < partner.length; i++) {
            if (partner[i] < 0 || partner[i] == i) {
                return goal(ends.get(i), usual);
            }
        }
        if (bridges.size() > 1) {
            Point crossing = bridges.get(0).crossing(bridges.get(1));
            return crossing != null
                    ? crossing
                    : bridges.get(0).nearest(bridges.get(1).nearest(usual));
        }
        return bridges.get(0).nearest(usual);
    }

    /** Where an end that goes on as no other one runs to. */
    Point goal(Approach end, Point usual) {
        Point best = null;
        for (Bridge bridge : bridges) {
            Point crossed = bridge.crossedBy(end.at(), end.out(), 3 * radius + 4);
            if (crossed == null) {
                continue;
            }
            if (best == null || crossed.distance(end.at()) < best.distance(end.at())) {
                best = crossed;
            }
        }
        if (best == null && !bridges.isEmpty()) {
            best = bridges.get(0).nearest(usual);
        }
        return best == null ? usual : best;
    }

    private double[][] costs() {
        int n = ends.size();
        double[][] cost = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int k = i + 1; k < n; k++) {
                cost[i][k] = unlike(ends.get(i), ends.get(k));
                cost[k][i] = cost[i][k];
            }
        }
        return cost;
    }

    /** For each end the one it goes on at; -1 or itself for those that go on as none. */
    private static int[] partners(double[][] cost) {
        int n = cost.length;
        int[] partner = new int[n];
        Arrays.fill(partner, -1);
        if (n <= FEW) {
            int[] best = partner.clone();
            search(0, partner, cost, 0, new double[] {n * ALONE}, best);
            return best;
        }
        greedy(partner, cost);
        return partner;
    }

    private static void search(
            int i, int[] partner, double[][] cost, double sum, double[] least, int[] best) {
        int n = partner.length;
        while (i < n && partner[i] >= 0) {
            i++;
        }
        if (sum >= least[0]) {
            return;
        }
        if (i == n) {
            least[0] = sum;
            System.arraycopy(partner, 0, best, 0, n);
            return;
        }
        for (int k = i + 1; k < n; k++) {
            if (partner[k] < 0 && cost[i][k] < 2 * ALONE) {
                partner[i] = k;
                partner[k] = i;
                search(i + 1, partner, cost, sum + cost[i][k], least, best);
                partner[i] = -1;
                partner[k] = -1;
            }
        }
        // Alone; marked by a partner of its own for what follows.
        partner[i] = i;
        search(i + 1, partner, cost, sum + ALONE, least, best);
        partner[i] = -1;
    }

    private static void greedy(int[] partner, double[][] cost) {
        while (true) {
            int a = -1;
            int b = -1;
            for (int i = 0; i < partner.length; i++) {
                for (int k = i + 1; k < partner.length; k++) {
                    boolean free = partner[i] < 0 && partner[k] < 0 && cost[i][k] < 2 * ALONE;
                    if (free && (a < 0 || cost[i][k] < cost[a][b])) {
                        a = i;
                        b = k;
                    }
                }
            }
            if (a < 0) {
                return;
            }
            partner[a] = b;
            partner[b] = a;
        }
    }

    /** The place nearest to all lines run straight on (least squares). */
    private Point nearestToAll() {
        double xx = PULL;
        double xy = 0;
        double yy = PULL;
        double bx = PULL * middle.x();
        double by = PULL * middle.y();
        for (Approach end : ends) {
            double nx = -end.out().y();
            double ny = end.out().x();
            double c = nx * end.at().x() + ny * end.at().y();
            xx += nx * nx;
            xy += nx * ny;
            yy += ny * ny;
            bx += nx * c;
            by += ny * c;
        }
        double determinant = xx * yy - xy * xy;
        Point best =
                new Point((yy * bx - xy * by) / determinant, (xx * by - xy * bx) / determinant);
        double reach = radius + 0.5;
        double off = best.distance(middle);
        return off <= reach ? best : middle.plus(best.minus(middle).times(reach / off));
    }
}
