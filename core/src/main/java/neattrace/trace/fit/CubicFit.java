package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/**
 * One least-squares cubic through the ends of a run of points. An end with a tangent has one
 * unknown, the handle's length; an end without has two, the handle's place.
 */
final class CubicFit {

    private static final int ROUNDS = 3;

    /** Enough points for one cubic; longer runs are thinned for solving, not for judging. */
    private static final int MOST_POINTS = 32;

    /** A fit this many times as far off as allowed is given up before its last round. */
    private static final double HOPELESS = 8;

    /** What a handle without a tangent may move along. */
    private static final List<Point> FREE = List.of(new Point(1, 0), new Point(0, 1));

    /** Pull of free handles towards the thirds of the chord; keeps the equations solvable. */
    private static final double RIDGE = 1e-4;

    private final Section section;
    private final int from;
    private final int to;
    private final Point startTangent;
    private final Point endTangent;
    private final int[] picked;
    private final double[] t;
    private final double x0;
    private final double y0;
    private final double x3;
    private final double y3;
    private double x1;
    private double y1;
    private double x2;
    private double y2;

    /** Power basis: x = ((ax t + bx) t + cx) t + x0, y alike. */
    private double ax;

    private double bx;
    private double cx;
    private double ay;
    private double by;
    private double cy;

    private CubicFit(Section section, int from, int to, Point startTangent, Point endTangent) {
        this.section = section;
        this.from = from;
        this.to = to;
        this.startTangent = startTangent;
        this.endTangent = endTangent;
        x0 = section.x[from];
        y0 = section.y[from];
        x3 = section.x[to];
        y3 = section.y[to];
        int count = Math.min(MOST_POINTS, to - from + 1);
        picked = new int[count];
        t = new double[count];
        for (int k = 0; k < count; k++) {
            picked[k] = count == 1 ? from : from + (int) ((long) (to - from) * k / (count - 1));
        }
    }

    /**
     * Fits points {@code from} to {@code to} of a section.
     *
     * @param startTangent direction of travel at the start, or null if free
     * @param endTangent direction of travel at the end, or null if free
     * @param bound the largest distance a point may keep; infinite to take whatever comes
     * @return null if a point keeps farther off than {@code bound}
     */
    static Piece fit(
            Section section, int from, int to, Point startTangent, Point endTangent, double bound) {
        CubicFit fit = new CubicFit(section, from, to, startTangent, endTangent);
        fit.chordLengths();
        for (int round = 0; round < ROUNDS; round++) {
            fit.solve();
            fit.expand();
            // Further rounds better a fit a little; one this far off is beyond their help.
            if (fit.project() > HOPELESS * bound) {
                return null;
            }
        }
        return fit.piece(bound);
    }

    private void chordLengths() {
        double length = 0;
        for (int k = 1; k < picked.length; k++) {
            double dx = section.x[picked[k]] - section.x[picked[k - 1]];
            double dy = section.y[picked[k]] - section.y[picked[k - 1]];
            length += Math.sqrt(dx * dx + dy * dy);
            t[k] = length;
        }
        for (int k = 1; k < picked.length; k++) {
            t[k] = length == 0 ? (double) k / (picked.length - 1) : t[k] / length;
        }
    }

    /**
     * Least squares for the handles. All the points' share in the normal equations lies in seven
     * sums, whatever the handles may do: a free one moves along x and y, one with a tangent along
     * it.
     */
    private void solve() {
        double b11 = 0;
        double b12 = 0;
        double b22 = 0;
        double rx1 = 0;
        double ry1 = 0;
        double rx2 = 0;
        double ry2 = 0;
        for (int k = 0; k < picked.length; k++) {
            double s = 1 - t[k];
            double b1 = 3 * s * s * t[k];
            double b2 = 3 * s * t[k] * t[k];
            double near = s * s * s + b1;
            double far = b2 + t[k] * t[k] * t[k];
            double rx = section.x[picked[k]] - x0 * near - x3 * far;
            double ry = section.y[picked[k]] - y0 * near - y3 * far;
            b11 += b1 * b1;
            b12 += b1 * b2;
            b22 += b2 * b2;
            rx1 += b1 * rx;
            ry1 += b1 * ry;
            rx2 += b2 * rx;
            ry2 += b2 * ry;
        }
        int split = startTangent == null ? 2 : 1;
        Point[] along = directions();
        int n = along.length;
        double[][] a = new double[n][n + 1];
        double weight = RIDGE * picked.length;
        Point third = new Point((x3 - x0) / 3, (y3 - y0) / 3);
        for (int i = 0; i < n; i++) {
            boolean first = i < split;
            Point move = along[i];
            for (int j = 0; j < n; j++) {
                double share = j < split != first ? b12 : first ? b11 : b22;
                a[i][j] = share * move.dot(along[j]);
            }
            a[i][n] = first ? move.x() * rx1 + move.y() * ry1 : move.x() * rx2 + move.y() * ry2;
            // Handles are drawn a little towards a third of the chord.
            boolean free = (first ? startTangent : endTangent) == null;
            double usual = free ? move.dot(third) * (first ? 1 : -1) : third.length();
            a[i][i] += weight;
            a[i][n] += weight * usual;
        }
        double[] u = LinearSystem.solve(a);
        Point first = handle(startTangent == null, along, u, 0);
        Point second = handle(endTangent == null, along, u, split);
        x1 = x0 + first.x();
        y1 = y0 + first.y();
        x2 = x3 + second.x();
        y2 = y3 + second.y();
    }

    /** What the unknowns move along: those of the first handle, then those of the second. */
    private Point[] directions() {
        List<Point> along = new ArrayList<>(4);
        along.addAll(startTangent == null ? FREE : List.of(startTangent));
        along.addAll(endTangent == null ? FREE : List.of(endTangent.times(-1)));
        return along.toArray(Point[]::new);
    }

    private Point handle(boolean free, Point[] along, double[] u, int at) {
        if (free) {
            return new Point(u[at], u[at + 1]);
        }
        double chord = Math.sqrt((x3 - x0) * (x3 - x0) + (y3 - y0) * (y3 - y0));
        return along[at].times(sane(u[at], Math.max(chord, 1e-6) / 3, chord));
    }

    /** A handle that points backwards or runs away is no use; the third of the chord is safe. */
    private double sane(double handle, double third, double chord) {
        double most = 3 * Math.max(chord, (to - from) * LoopFitter.STEP_PX);
        return handle > 1e-3 * third && handle < most ? handle : third;
    }

    /**
     * One Newton step towards the nearest parameter for each picked point.
     *
     * @return the largest distance of a picked point after the step
     */
    private double project() {
        double most = 0;
        for (int k = 1; k < picked.length - 1; k++) {
            double px = section.x[picked[k]];
            double py = section.y[picked[k]];
            t[k] = nearer(px, py, t[k]);
            double dx = x(t[k]) - px;
            double dy = y(t[k]) - py;
            most = Math.max(most, dx * dx + dy * dy);
        }
        return Math.sqrt(most);
    }

    /** One Newton step from {@code at} towards the parameter of the nearest place. */
    private double nearer(double px, double py, double at) {
        double dx = x(at) - px;
        double dy = y(at) - py;
        double vx = (3 * ax * at + 2 * bx) * at + cx;
        double vy = (3 * ay * at + 2 * by) * at + cy;
        double slope =
                vx * vx + vy * vy + dx * (6 * ax * at + 2 * bx) + dy * (6 * ay * at + 2 * by);
        if (slope <= 0) {
            return at;
        }
        double better = at - (dx * vx + dy * vy) / slope;
        return better < 0 ? 0 : better > 1 ? 1 : better;
    }

    /** The power basis, which is quicker to evaluate than Bernstein's. */
    private void expand() {
        cx = 3 * (x1 - x0);
        bx = 3 * (x2 - x1) - cx;
        ax = x3 - x0 - cx - bx;
        cy = 3 * (y1 - y0);
        by = 3 * (y2 - y1) - cy;
        ay = y3 - y0 - cy - by;
    }

    private double x(double at) {
        return ((ax * at + bx) * at + cx) * at + x0;
    }

    private double y(double at) {
        return ((ay * at + by) * at + cy) * at + y0;
    }

    private Piece piece(double bound) {
        double sum = 0;
        double squares = 0;
        double most = 0;
        int worst = from;
        int span = 0;
        for (int i = from; i <= to; i++) {
            while (span < picked.length - 2 && picked[span + 1] < i) {
                span++;
            }
            double guess = guess(i, span);
            double at = nearer(section.x[i], section.y[i], guess);
            double dx = x(at) - section.x[i];
            double dy = y(at) - section.y[i];
            // Math.hypot guards against overflow that pixels never reach, at ten times the price.
            double square = dx * dx + dy * dy;
            if (square > bound * bound) {
                return null;
            }
            sum += Math.sqrt(square);
            squares += square;
            if (square > most) {
                most = square;
                worst = i;
            }
        }
        double max = Math.sqrt(most);
        return new Piece(
                new Point(x0, y0),
                new Point(x1, y1),
                new Point(x2, y2),
                new Point(x3, y3),
                false,
                new FitError(sum, squares, max, section.at(worst), to - from + 1));
    }

    private double guess(int i, int span) {
        if (picked.length < 2) {
            return 0;
        }
        int width = picked[span + 1] - picked[span];
        double share = width == 0 ? 0 : (double) (i - picked[span]) / width;
        return t[span] + share * (t[span + 1] - t[span]);
    }
}
