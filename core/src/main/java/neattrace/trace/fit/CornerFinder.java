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

    /** The sampled contour cuts a corner off; it is put back by at most this much, px. */
    private static final double REACH_PX = 1.0;

    /** Sharp tips lose more to the pixel grid than blunt corners do. */
    private static final double TIP_REACH_PX = 2.5;

    private static final double TIP_TURN = Math.toRadians(120);

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
                corners.add(new Corner(i, meeting(samples, i, sharp[i])));
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

    private static Point meeting(Samples samples, int i, double turn) {
        Line before = Line.through(samples, i - FAR, i - NEAR);
        Line after = Line.through(samples, i + NEAR, i + FAR);
        Point sample = samples.at(i);
        double cross = before.direction().cross(after.direction());
        if (Math.abs(cross) < 0.1) {
            return sample;
        }
        double t = after.centre().minus(before.centre()).cross(after.direction()) / cross;
        Point meeting = before.centre().plus(before.direction().times(t));
        double distance = meeting.distance(sample);
        double reach = turn > TIP_TURN ? TIP_REACH_PX : REACH_PX;
        double share = distance <= reach ? 1 : reach / distance;
        return sample.plus(meeting.minus(sample).times(share));
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
