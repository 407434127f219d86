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

    /** Whether it is a straight line from its first to its last point. */
    final boolean line;

    /** The arc of a circle that it is; null if it is none. */
    final ArcRun arc;

    /** Whether its ends are corners, where curves may leave freely. */
    final boolean cornerAtStart;

    final boolean cornerAtEnd;

    /** Direction of travel at each point, radians, and the way to it from the start, px. */
    private final double[] angle;

    private final double[] way;

    private enum Kind {
        CURVE,
        LINE,
        RING
    }

    private Section(
            double[] x,
            double[] y,
            double[] angle,
            Kind kind,
            boolean cornerAtStart,
            boolean cornerAtEnd) {
        this(x, y, angle, kind, null, cornerAtStart, cornerAtEnd);
    }

    private Section(
            double[] x,
            double[] y,
            double[] angle,
            Kind kind,
            ArcRun arc,
            boolean cornerAtStart,
            boolean cornerAtEnd) {
        this.x = x;
        this.y = y;
        this.angle = angle;
        this.ring = kind == Kind.RING;
        this.line = kind == Kind.LINE;
        this.arc = arc;
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
        return new Section(x, y, angles(x, y, false), Kind.CURVE, true, true);
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
        return new Section(free.x, free.y, free.angle, Kind.CURVE, startFree, endFree);
    }

    /** Once round, from the flattest place. */
    static Section ring(Samples samples) {
        return ring(samples, seams(samples)[0]);
    }

    private static Section ring(Samples samples, int first) {
        int n = samples.size();
        double[] x = new double[n + 1];
        double[] y = new double[n + 1];
        for (int k = 0; k <= n; k++) {
            x[k] = samples.x(first + k);
            y[k] = samples.y(first + k);
        }
        return new Section(x, y, angles(x, y, true), Kind.RING, false, false);
    }

    /** Where a loop is flattest, and where it is most bent. */
    private static int[] seams(Samples samples) {
        int n = samples.size();
        int reach = Math.max(2, Math.min(8, n / 6));
        int[] seams = new int[2];
        double least = Double.MAX_VALUE;
        double most = -1;
        for (int i = 0; i < n; i++) {
            double turn = samples.turn(i, reach / 2, reach);
            if (turn < least) {
                least = turn;
                seams[0] = i;
            }
            if (turn > most) {
                most = turn;
                seams[1] = i;
            }
        }
        return seams;
    }

    /** Once round a loop in parts, as {@link #parts}: from within a straight run, if any. */
    static List<Section> ringParts(Samples samples, double bound) {
        if (samples.size() < StraightRuns.SHORTEST) {
            return ring(samples).pieces();
        }
        int[] seams = seams(samples);
        // From the most bent place, so that no straight run goes over the seam.
        Section bent = ring(samples, seams[1]);
        List<StraightRun> runs = StraightRuns.find(bent, bound);
        return runs.isEmpty() ? ring(samples, seams[0]).pieces() : bent.around(runs, bound);
    }

    /** The parts of a ring: from the middle of its first straight run once round to there. */
    private List<Section> around(List<StraightRun> runs, double bound) {
        int n = last();
        StraightRun first = runs.get(0);
        int seam = (first.from() + first.to()) / 2;
        Point middle = first.start().plus(first.end()).times(0.5);
        double[] px = new double[n + 1];
        double[] py = new double[n + 1];
        double[] along = new double[n + 1];
        for (int k = 0; k <= n; k++) {
            px[k] = x[(seam + k) % n];
            py[k] = y[(seam + k) % n];
            along[k] = angle[(seam + k) % n];
        }
        List<StraightRun> counted = new ArrayList<>();
        counted.add(new StraightRun(0, first.to() - seam, middle, first.end()));
        for (StraightRun run : runs.subList(1, runs.size())) {
            counted.add(run.countedFrom(seam, n));
        }
        counted.add(new StraightRun(n + first.from() - seam, n, first.start(), middle));
        Section turned = new Section(px, py, along, Kind.CURVE, false, false);
        List<Section> parts = new ArrayList<>(turned.cutAt(counted, bound));
        Section half = parts.remove(parts.size() - 1);
        parts.set(0, half.goingOn(parts.get(0)));
        return parts;
    }

    /** One straight line of two halves. */
    private Section goingOn(Section next) {
        int n = last();
        double[] px = Arrays.copyOf(x, n + next.x.length);
        double[] py = Arrays.copyOf(y, n + next.y.length);
        double[] along = Arrays.copyOf(angle, n + next.angle.length);
        System.arraycopy(next.x, 0, px, n, next.x.length);
        System.arraycopy(next.y, 0, py, n, next.y.length);
        System.arraycopy(next.angle, 0, along, n, next.angle.length);
        return new Section(px, py, along, Kind.LINE, false, false);
    }

    int last() {
        return x.length - 1;
    }

    Point at(int i) {
        return new Point(x[i], y[i]);
    }

    /**
     * Its straight runs, its arcs, and what lies between them, in order; long curves in several
     * parts.
     *
     * @param bound the largest distance of a point from a straight run or an arc, px
     */
    List<Section> parts(double bound) {
        return cutAt(StraightRuns.find(this, bound), bound);
    }

    private List<Section> cutAt(List<StraightRun> straight, double bound) {
        ArcFinder.Found found = ArcFinder.find(this, straight, bound);
        List<StraightRun> runs = found.runs();
        List<Section> parts = new ArrayList<>();
        int at = 0;
        StraightRun before = null;
        for (int gap = 0; gap <= runs.size(); gap++) {
            StraightRun after = gap < runs.size() ? runs.get(gap) : null;
            int end = after == null ? last() : after.from();
            if (found.arcs().get(gap) != null) {
                parts.add(round(found.arcs().get(gap)));
            } else if (end > at) {
                parts.addAll(curve(at, end, before, after).pieces());
            }
            if (after != null) {
                parts.add(straight(after));
                at = after.to();
            }
            before = after;
        }
        return parts;
    }

    private Section round(ArcRun arc) {
        return new Section(
                Arrays.copyOfRange(x, arc.from(), arc.to() + 1),
                Arrays.copyOfRange(y, arc.from(), arc.to() + 1),
                Arrays.copyOfRange(angle, arc.from(), arc.to() + 1),
                Kind.CURVE,
                arc,
                false,
                false);
    }

    private Section straight(StraightRun run) {
        double[] px = Arrays.copyOfRange(x, run.from(), run.to() + 1);
        double[] py = Arrays.copyOfRange(y, run.from(), run.to() + 1);
        put(px, py, 0, run.start());
        put(px, py, px.length - 1, run.end());
        double[] along = new double[px.length];
        Arrays.fill(along, run.angle());
        return new Section(px, py, along, Kind.LINE, false, false);
    }

    /** From one run to the next one, held in their directions; null where there is none. */
    private Section curve(int from, int to, StraightRun before, StraightRun after) {
        double[] px = Arrays.copyOfRange(x, from, to + 1);
        double[] py = Arrays.copyOfRange(y, from, to + 1);
        double[] along = Arrays.copyOfRange(angle, from, to + 1);
        if (before != null) {
            put(px, py, 0, before.end());
            along[0] = before.angle();
        }
        if (after != null) {
            put(px, py, px.length - 1, after.start());
            along[along.length - 1] = after.angle();
        }
        Kind kind = ring && before == null && after == null ? Kind.RING : Kind.CURVE;
        return new Section(
                px, py, along, kind, cornerAtStart && before == null, cornerAtEnd && after == null);
    }

    private static void put(double[] x, double[] y, int i, Point at) {
        x[i] = at.x();
        y[i] = at.y();
    }

    /** Itself, or if it is long pieces of it, cut at flat places. */
    private List<Section> pieces() {
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
                            Kind.CURVE,
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
