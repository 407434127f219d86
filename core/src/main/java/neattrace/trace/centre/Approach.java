package neattrace.trace.centre;

import java.util.Arrays;
import neattrace.geom.Point;

/**
 * How a line comes to a meeting, as far as it is measured.
 *
 * @param strand the line
 * @param end its number: twice the line's, plus one for its far end
 * @param at its last place that is known
 * @param out its direction there, towards the meeting
 * @param bend its curvature there, along the way to the meeting; positive clockwise on screen
 * @param width px
 */
record Approach(Strand strand, int end, Point at, Point out, double bend, double width) {

    /** Over how much of a line direction and curvature are taken, times its width. */
    private static final double OVER = 2;

    private static final double LEAST_PX = 5;
    private static final double MOST_PX = 90;

    /** Curvature of a shorter stretch is noise, times the width. */
    private static final double SHORT = 0.9;

    /** A stretch shorter than this has no direction of its own, times the width. */
    private static final double FEW = 0.5;

    /** Lines are taken for no more curved than a circle about as wide as they are, times width. */
    private static final double TIGHTEST = 0.8;

    /** Curvature is not known so well that it is taken at its word. */
    private static final double TRUST = 0.8;

    /** A bend that becomes another one counts so much of what both would turn otherwise. */
    private static final double CHANGE = 0.5;

    /** A width unlike by a factor of e weighs as much as so many radians. */
    private static final double UNLIKE = 0.6;

    /**
     * The approach of a strand.
     *
     * @param here where it comes to
     * @param there where its other end is
     */
    static Approach of(Strand strand, int number, boolean atStart, Point here, Point there) {
        int last = strand.knownEnd(atStart);
        int step = atStart ? 1 : -1;
        double width = strand.width[last];
        double most = Math.max(LEAST_PX, Math.min(MOST_PX, OVER * width));
        int n = 1;
        double way = 0;
        int inner = last;
        while (inner + step >= 0
                && inner + step < strand.size()
                && strand.known[inner + step]
                && way < most) {
            way += strand.at(inner).distance(strand.at(inner + step));
            inner += step;
            n++;
        }
        int end = 2 * number + (atStart ? 0 : 1);
        if (n < 3 || way < FEW * width) {
            // Too little of it is seen to tell a direction: it leads from meeting to meeting.
            Point through = here.minus(there);
            Point out = through.length() > FEW * width ? through.unit() : strand.outward(atStart);
            return new Approach(strand, end, strand.at(last), out, 0, width);
        }
        double[] s = new double[n];
        double[] x = new double[n];
        double[] y = new double[n];
        double sumWidth = 0;
        for (int k = 0; k < n; k++) {
            int i = last + k * step;
            x[k] = strand.x[i];
            y[k] = strand.y[i];
            s[k] = k == 0 ? 0 : s[k - 1] + Math.hypot(x[k] - x[k - 1], y[k] - y[k - 1]);
            sumWidth += strand.width[i];
        }
        boolean curved = way > SHORT * width && n >= 6;
        double[] px = fit(s, x, curved);
        double[] py = fit(s, y, curved);
        // Way is measured away from the meeting; the line runs towards it.
        Point out = new Point(-px[1], -py[1]).unit();
        double speed = Math.hypot(px[1], py[1]);
        double bend =
                -(px[1] * 2 * py[2] - py[1] * 2 * px[2]) / Math.max(1e-9, speed * speed * speed);
        double limit = 1 / (TIGHTEST * Math.max(1, width));
        return new Approach(
                strand,
                end,
                new Point(px[0], py[0]),
                out,
                Math.max(-limit, Math.min(limit, bend)),
                sumWidth / n);
    }

    /** The parabola, or the line, of least squares. */
    private static double[] fit(double[] s, double[] v, boolean curved) {
        LeastSquares squares = new LeastSquares(curved ? 3 : 2);
        for (int k = 0; k < s.length; k++) {
            squares.add(v[k], 1, s[k], s[k] * s[k]);
        }
        double[] found = squares.solve();
        return found == null ? new double[] {v[0], 0, 0} : Arrays.copyOf(found, 3);
    }

    boolean atStart() {
        return end % 2 == 0;
    }

    /**
     * How little this line goes on as another: by how much it would have to turn otherwise than
     * both are bent, how unlike the bends are, and how unlike the widths; radians.
     */
    double unlike(Approach other) {
        Point chord = other.at.minus(at);
        Point into = other.out.times(-1);
        double length = chord.length();
        double widths =
                UNLIKE * Math.abs(Math.log(Math.max(0.1, width) / Math.max(0.1, other.width)));
        if (length < 1) {
            return Math.abs(turn(out, into)) + widths;
        }
        Point straight = chord.times(1 / length);
        double mine = turn(out, straight) - TRUST * bend * length / 2;
        double theirs = turn(straight, into) + TRUST * other.bend * length / 2;
        double bent = CHANGE * Math.abs(bend + other.bend) * length / 2;
        return Math.abs(mine) + Math.abs(theirs) + bent + widths;
    }

    /** How far apart the directions of the two are, radians. */
    double turnTo(Approach other) {
        return Math.abs(turn(out, other.out.times(-1)));
    }

    private static double turn(Point from, Point to) {
        return Math.atan2(from.cross(to), from.dot(to));
    }
}
