package neattrace.trace.centre;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/**
 * One line through a meeting: from what is known on one side to what is known on the other with the
 * least change of curvature, the width interpolated.
 */
final class Bridge {

    /** Known samples that take part on either side, times the width. */
    private static final double WINDOW = 2.5;

    private static final int LEAST_WINDOW = 8;

    /** What is measured right beside a meeting is trusted less, down to this. */
    private static final double BESIDE = 0.15;

    /** So far away from it, times the width, everything is trusted. */
    private static final double CLEAR = 0.4;

    /** Bends shorter than this are noise of the samples, times the width. */
    private static final double STIFF = 0.7;

    final Approach from;
    final Approach to;

    /** Places from the last known one of the first line to the first known one of the other. */
    private final double[] x;

    private final double[] y;
    private final double[] width;

    /** How many of them are known ones of the first line, and unknown. */
    private final int before;

    private final int gap;

    /** Which unknown one the two lines meet at. */
    private int split;

    Bridge(Approach from, Approach to) {
        this.from = from;
        this.to = to;
        double wide = (from.width() + to.width()) / 2;
        int window = (int) Math.max(LEAST_WINDOW, WINDOW * wide);
        boolean same = from.strand() == to.strand();
        before = Math.min(window, known(from) / (same ? 2 : 1));
        int after = Math.min(window, known(to) / (same ? 2 : 1));
        Point a = from.strand().at(from.strand().knownEnd(from.atStart()));
        Point b = to.strand().at(to.strand().knownEnd(to.atStart()));
        double turn = from.turnTo(to);
        gap = (int) Math.max(1, Math.round(a.distance(b) * (1 + turn * turn / 24)) - 1);
        int n = before + gap + after;
        double[] vx = new double[n];
        double[] vy = new double[n];
        double[] vw = new double[n];
        double[] weight = new double[n];
        for (int k = 0; k < before; k++) {
            take(from, before - 1 - k, k, wide, vx, vy, vw, weight);
        }
        for (int k = 0; k < after; k++) {
            take(to, k, before + gap + k, wide, vx, vy, vw, weight);
        }
        double stiff = Math.pow(STIFF * wide / (2 * Math.PI), 6);
        x = Whittaker.smooth(vx, weight, stiff);
        y = Whittaker.smooth(vy, weight, stiff);
        width = widths(vw, wide);
        split = before + gap / 2;
    }

    /** What is known as it is; between them from the one side's width to the other's. */
    private double[] widths(double[] known, double wide) {
        int reach = (int) Math.max(3, wide / 2);
        double[] widths = known.clone();
        double left = mean(known, Math.max(0, before - reach), before);
        int after = before + gap;
        double right = mean(known, after, Math.min(known.length, after + reach));
        for (int k = 0; k < gap; k++) {
            double share = (k + 1.0) / (gap + 1);
            widths[before + k] = left + share * (right - left);
        }
        return widths;
    }

    private static double mean(double[] values, int from, int to) {
        double sum = 0;
        for (int k = from; k < to; k++) {
            sum += values[k];
        }
        return sum / Math.max(1, to - from);
    }

    /** How many samples next to the meeting are known. */
    private static int known(Approach one) {
        Strand strand = one.strand();
        int at = strand.knownEnd(one.atStart());
        int step = one.atStart() ? 1 : -1;
        int n = 0;
        while (at >= 0 && at < strand.size() && strand.known[at]) {
            at += step;
            n++;
        }
        return Math.max(1, n);
    }

    private static void take(
            Approach one,
            int inward,
            int slot,
            double wide,
            double[] vx,
            double[] vy,
            double[] vw,
            double[] weight) {
        Strand strand = one.strand();
        int i = strand.knownEnd(one.atStart()) + (one.atStart() ? inward : -inward);
        vx[slot] = strand.x[i];
        vy[slot] = strand.y[i];
        vw[slot] = strand.width[i];
        double clear = Math.min(1, inward / Math.max(1, CLEAR * wide));
        weight[slot] = BESIDE + (1 - BESIDE) * clear;
    }

    /** Lets the two lines meet at the place of it that is nearest to another. */
    void meetAt(Point place) {
        for (int k = before; k < before + gap; k++) {
            if (at(k).distance(place) < at(split).distance(place)) {
                split = k;
            }
        }
        Point near = nearest(place);
        if (near.distance(at(split)) < 1) {
            x[split] = near.x();
            y[split] = near.y();
        }
    }

    /** The way between what is known on both sides. */
    List<Point> way() {
        List<Point> way = new ArrayList<>();
        for (int k = Math.max(0, before - 1); k < Math.min(x.length, before + gap + 1); k++) {
            way.add(at(k));
        }
        return way;
    }

    Point meeting() {
        return at(split);
    }

    private Point at(int k) {
        return new Point(x[k], y[k]);
    }

    /** Where it crosses another; null if it does not. */
    Point crossing(Bridge other) {
        for (int k = 0; k + 1 < x.length; k++) {
            Point side = at(k + 1).minus(at(k));
            Point crossed = other.crossedBy(at(k), side.unit(), side.length());
            if (crossed != null && side.length() > 0) {
                return crossed;
            }
        }
        return null;
    }

    /** Where a ray first crosses it; null if it does not within a reach. */
    Point crossedBy(Point start, Point way, double reach) {
        Point best = null;
        double least = reach;
        for (int k = 0; k + 1 < x.length; k++) {
            Point a = at(k);
            Point side = at(k + 1).minus(a);
            double cross = way.cross(side);
            if (Math.abs(cross) < 1e-12) {
                continue;
            }
            Point off = a.minus(start);
            double along = off.cross(side) / cross;
            double share = off.cross(way) / cross;
            if (along >= 0 && along <= least && share >= 0 && share <= 1) {
                least = along;
                best = a.plus(side.times(share));
            }
        }
        return best;
    }

    /** The place on it that is nearest to another. */
    Point nearest(Point place) {
        Point best = at(before);
        for (int k = 0; k + 1 < x.length; k++) {
            Point side = at(k + 1).minus(at(k));
            double along = side.dot(side);
            double share = along == 0 ? 0 : place.minus(at(k)).dot(side) / along;
            Point near = at(k).plus(side.times(Math.max(0, Math.min(1, share))));
            best = near.distance(place) < best.distance(place) ? near : best;
        }
        return best;
    }

    /** What it says of its first line: known samples changed, unknown ones added. */
    Ending first() {
        List<double[]> more = new ArrayList<>();
        for (int k = before; k <= split; k++) {
            more.add(new double[] {x[k], y[k], Math.max(0.1, width[k])});
        }
        double[][] changed = new double[before][];
        for (int k = 0; k < before; k++) {
            int slot = before - 1 - k;
            changed[k] = new double[] {x[slot], y[slot], Math.max(0.1, width[slot])};
        }
        return new Ending(changed, more);
    }

    /** The same of the other line. */
    Ending second() {
        List<double[]> more = new ArrayList<>();
        for (int k = before + gap - 1; k >= split; k--) {
            more.add(new double[] {x[k], y[k], Math.max(0.1, width[k])});
        }
        int after = x.length - before - gap;
        double[][] changed = new double[after][];
        for (int k = 0; k < after; k++) {
            int slot = before + gap + k;
            changed[k] = new double[] {x[slot], y[slot], Math.max(0.1, width[slot])};
        }
        return new Ending(changed, more);
    }
}
