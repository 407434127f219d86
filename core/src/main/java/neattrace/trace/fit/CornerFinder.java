package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/** Finds the corners of a sampled contour. */
final class CornerFinder {

    /**
     * Chords of the large scale run from 1 to 4 px off the place, those of the small from .5 to 2.
     */
    private static final int NEAR = 2;

    private static final int FAR = 8;
    private static final int NEAR_SMALL = 1;
    private static final int FAR_SMALL = 4;

    private static final double LEAST_TURN = Math.toRadians(34);

    /** An arc keeps half of its turn at the small scale, a corner all of it. */
    private static final double KEPT = 0.7;

    /** No two corners within this many samples. */
    private static final int APART = 4;

    private static final double MOST_TURN = Math.PI - 0.05;

    /** Corners rounded by more than this are left to the curves, px. */
    private static final double MOST_ROUNDING_PX = 0.5;

    /** No point of a corner lies farther from its rounding than this, px. */
    private static final double MOST_REACH_PX = 3;

    /**
     * How far the contour of a pointed corner keeps off its point: this much, and this many times
     * what half coverage alone would make of it. Measured on wedges of 20 to 120 degrees with exact
     * coverage, at 300 places and turns each: 1.85, 1.35, .98, .76, .50 and .31 px.
     */
    private static final double USUAL_PX = 0.2;

    private static final double USUAL_SHARE = 1.15;

    /** Noise of the distance between contour and meeting, px. */
    private static final double SLACK_PX = 0.05;

    private CornerFinder() {}

    static List<Corner> find(Samples samples) {
        int n = samples.size();
        List<Corner> corners = new ArrayList<>();
        if (n < 3 * FAR) {
            return corners;
        }
        double[] sharp = new double[n];
        for (int i = 0; i < n; i++) {
            double small = samples.turn(i, NEAR_SMALL, FAR_SMALL);
            if (small < LEAST_TURN) {
                continue;
            }
            double large = samples.turn(i, NEAR, FAR);
            if (large >= LEAST_TURN && small >= KEPT * large) {
                sharp[i] = small;
            }
        }
        for (int i = 0; i < n; i++) {
            if (sharp[i] > 0 && isPeak(sharp, i)) {
                Point meeting = meeting(samples, i);
                double turn = Math.max(sharp[i], samples.turn(i, NEAR, FAR));
                double rounding = rounding(samples.at(i), meeting, turn);
                boolean near = samples.at(i).distance(meeting) <= MOST_REACH_PX;
                if (near && rounding <= MOST_ROUNDING_PX) {
                    corners.add(new Corner(i, pulledIn(meeting, samples.at(i), rounding)));
                }
            }
        }
        return corners;
    }

    private static boolean isPeak(double[] sharp, int i) {
        int n = sharp.length;
        for (int k = 1; k <= APART; k++) {
            double before = sharp[Math.floorMod(i - k, n)];
            double after = sharp[(i + k) % n];
            if (before >= sharp[i] || after > sharp[i]) {
                return false;
            }
        }
        return true;
    }

    /** Where the straight continuations of the two sides meet; the sample if they hardly do. */
    private static Point meeting(Samples samples, int i) {
        Line before = Line.through(samples, i - FAR, i - NEAR);
        Line after = Line.through(samples, i + NEAR, i + FAR);
        double cross = before.direction().cross(after.direction());
        if (Math.abs(cross) < 0.1) {
            return samples.at(i);
        }
        double t = after.centre().minus(before.centre()).cross(after.direction()) / cross;
        return before.centre().plus(before.direction().times(t));
    }

    /**
     * How much farther the contour keeps off the meeting of its sides than that of a pointed corner
     * of this turn does, px. Pixels average over their own width, so half coverage is reached where
     * a wedge of half angle b is half a pixel wide: 1 / (4 tan b) from its point.
     */
    private static double rounding(Point contour, Point meeting, double turn) {
        double halfAngle = (Math.PI - Math.min(turn, MOST_TURN)) / 2;
        double expected = USUAL_SHARE * 0.25 / Math.tan(halfAngle) + USUAL_PX;
        return Math.max(0, contour.distance(meeting) - expected - SLACK_PX);
    }

    /** A corner that is a little rounded is put between its rounding and its point. */
    private static Point pulledIn(Point meeting, Point contour, double rounding) {
        if (rounding == 0) {
            return meeting;
        }
        double share = Math.min(1, rounding / meeting.distance(contour));
        return meeting.plus(contour.minus(meeting).times(share));
    }

    /** A least-squares line (total least squares) through samples. */
    private record Line(Point centre, Point direction) {

        static Line through(Samples samples, int from, int to) {
            double mx = 0;
            double my = 0;
            int n = to - from + 1;
            for (int i = from; i <= to; i++) {
                mx += samples.x(i);
                my += samples.y(i);
            }
            mx /= n;
            my /= n;
            double xx = 0;
            double xy = 0;
            double yy = 0;
            for (int i = from; i <= to; i++) {
                double dx = samples.x(i) - mx;
                double dy = samples.y(i) - my;
                xx += dx * dx;
                xy += dx * dy;
                yy += dy * dy;
            }
            double angle = 0.5 * Math.atan2(2 * xy, xx - yy);
            return new Line(new Point(mx, my), new Point(Math.cos(angle), Math.sin(angle)));
        }
    }
}
