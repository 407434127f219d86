package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neattrace.geom.Point;

/**
 * A stretch of contour to be fitted on its own: from corner to corner, or once round a loop that
 * has none. Holds its own points, from the exact start to the exact end.
 */
final class Section {

    /** Samples this near a corner are rounded off by the pixel grid and are left out. */
    private static final int ROUNDED = 2;

    /** How many samples to each side give the direction at a joint. */
    private static final int TANGENT_REACH = 5;

    /** Longer sections are cut into parts that can be fitted side by side, samples. */
    private static final int LONGEST = 2400;

    /** How far from an even share a cut may move to a flatter place, samples. */
    private static final int LEEWAY = 200;

    final double[] x;
    final double[] y;

    /** Whether it runs once round a smooth loop, so that its ends share one tangent. */
    final boolean ring;

    /** Whether its ends are corners, where curves may leave freely. */
    final boolean cornerAtStart;

    final boolean cornerAtEnd;

    /** Direction of travel at each point, radians, and the way to it from the start, px. */
    private final double[] angle;

    private final double[] way;

    private Section(
            double[] x,
            double[] y,
            double[] angle,
            boolean ring,
            boolean cornerAtStart,
            boolean cornerAtEnd) {
        this.x = x;
        this.y = y;
        this.angle = angle;
        this.ring = ring;
        this.cornerAtStart = cornerAtStart;
        this.cornerAtEnd = cornerAtEnd;
        this.way = new double[x.length];
        for (int k = 1; k < x.length; k++) {
            double dx = x[k] - x[k - 1];
            double dy = y[k] - y[k - 1];
            way[k] = way[k - 1] + Math.sqrt(dx * dx + dy * dy);
        }
    }

    static Section between(Samples samples, Corner from, Corner to) {
        int n = samples.size();
        int steps = Math.floorMod(to.index() - from.index(), n);
        if (steps == 0) {
            steps = n;
        }
        int inner = Math.max(0, steps - 2 * ROUNDED + 1);
        double[] x = new double[inner + 2];
        double[] y = new double[inner + 2];
        x[0] = from.at().x();
        y[0] = from.at().y();
        for (int k = 0; k < inner; k++) {
            x[k + 1] = samples.x(from.index() + ROUNDED + k);
            y[k + 1] = samples.y(from.index() + ROUNDED + k);
        }
        x[inner + 1] = to.at().x();
        y[inner + 1] = to.at().y();
        return new Section(x, y, angles(x, y, false), false, true, true);
    }

    /**
     * The same of an open path, whose very ends are held in direction where an angle is given.
     *
     * @param startAngle direction of travel at the start, radians; not a number if it is free
     * @param endAngle the same at the end
     */
    static Section open(
            Samples samples, Corner from, Corner to, double startAngle, double endAngle) {
        Section free = between(samples, from, to);
        boolean startFree = Double.isNaN(startAngle);
        boolean endFree = Double.isNaN(endAngle);
        if (!startFree) {
            free.angle[0] = startAngle;
        }
        if (!endFree) {
            free.angle[free.last()] = endAngle;
        }
        return new Section(free.x, free.y, free.angle, false, startFree, endFree);
    }

    /** Once round, from the flattest place. */
    static Section ring(Samples samples) {
        int n = samples.size();
        int flattest = 0;
        double least = Double.MAX_VALUE;
        int reach = Math.max(2, Math.min(8, n / 6));
        for (int i = 0; i < n; i++) {
            double turn = samples.turn(i, reach / 2, reach);
            if (turn < least) {
                least = turn;
                flattest = i;
            }
        }
        double[] x = new double[n + 1];
        double[] y = new double[n + 1];
        for (int k = 0; k <= n; k++) {
            x[k] = samples.x(flattest + k);
            y[k] = samples.y(flattest + k);
        }
        return new Section(x, y, angles(x, y, true), true, false, false);
    }

    int last() {
        return x.length - 1;
    }

    Point at(int i) {
        return new Point(x[i], y[i]);
    }

    /** Itself, or if it is long parts of it, cut at flat places. */
    List<Section> parts() {
        int count = (last() + LONGEST - 1) / LONGEST;
        if (count < 2) {
            return List.of(this);
        }
        List<Section> parts = new ArrayList<>();
        int from = 0;
        for (int part = 1; part <= count; part++) {
            int to = part == count ? last() : flattest((int) ((long) last() * part / count));
            parts.add(
                    new Section(
                            Arrays.copyOfRange(x, from, to + 1),
                            Arrays.copyOfRange(y, from, to + 1),
                            Arrays.copyOfRange(angle, from, to + 1),
                            false,
                            cornerAtStart && from == 0,
                            cornerAtEnd && to == last()));
            from = to;
        }
        return parts;
    }

    private int flattest(int near) {
        int best = near;
        double least = Double.MAX_VALUE;
        for (int i = near - LEEWAY; i <= near + LEEWAY; i++) {
            double swing = turn(i - TANGENT_REACH, i + TANGENT_REACH);
            if (swing < least) {
                least = swing;
                best = i;
            }
        }
        return best;
    }

    /** Length of the way from one point to another, px. */
    double length(int from, int to) {
        return way[to] - way[from];
    }

    /** The direction of travel at point i, radians, from the points round it. */
    double angle(int i) {
        return angle[i];
    }

    private static double[] angles(double[] x, double[] y, boolean ring) {
        int last = x.length - 1;
        int reach = Math.min(TANGENT_REACH, last);
        double[] angles = new double[last + 1];
        for (int i = 0; i <= last; i++) {
            double dx = 0;
            double dy = 0;
            for (int k = 1; k <= reach; k++) {
                int before = ring ? Math.floorMod(i - k, last) : Math.max(0, i - k);
                int after = ring ? (i + k) % last : Math.min(last, i + k);
                dx += x[after] - x[before];
                dy += y[after] - y[before];
            }
            angles[i] = Math.atan2(dy, dx);
        }
        return angles;
    }

    /** By how much the direction swings between two points, radians. */
    double turn(int from, int to) {
        double low = 0;
        double high = 0;
        double sum = 0;
        for (int i = from + 1; i <= to; i++) {
            sum += step(i);
            low = Math.min(low, sum);
            high = Math.max(high, sum);
        }
        return high - low;
    }

    /** By how much the direction turns from point i - 1 to point i, radians, -pi to pi. */
    double step(int i) {
        double step = angle[i] - angle[i - 1];
        return step > Math.PI ? step - 2 * Math.PI : step < -Math.PI ? step + 2 * Math.PI : step;
    }
}
