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

    /** Corners whose gap is larger than a pointed one's by more are left to the curves, px. */
    private static final double MOST_ROUNDING_PX = 0.55;

    /** No point of a corner lies farther from its rounding than this, px. */
    private static final double MOST_REACH_PX = 3;

    /**
     * How far the contour of a pointed corner keeps off its point, its gap: pixels average over
     * their own width, so half coverage is reached where a wedge of half angle b is half a pixel
     * wide: 1 / (4 tan b) from its point. In truth it is this much, and this many times what half
     * coverage alone would make of it. Measured on wedges of 20 to 120 degrees with exact coverage,
     * at 300 places and turns each: 1.85, 1.35, .98, .76, .50 and .31 px.
     */
    private static final double USUAL_PX = 0.2;

    private static final double USUAL_SHARE = 1.15;

    /** Corners rounded by less are pointed to any eye, px. */
    private static final double LEAST_RADIUS_PX = 0.7;

    /** So much larger a gap a pointed corner may have, with where on the pixel grid it lies. */
    private static final double SCATTER = 1.3;

    /**
     * Halfway between the meeting of the sides and the apex the one point of a rounded corner lies
     * outside about as far as its sides must bend inside.
     */
    private static final double APEX_SHARE = 0.5;

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
                Corner corner = corner(samples, i, meeting(samples, i));
                if (corner != null) {
                    corners.add(corner);
                }
            }
        }
        return corners;
    }

    /** The corner at sample i whose sides meet at a place; null if it is none. */
    static Corner corner(Samples samples, int i, Point meeting) {
        double small = samples.turn(i, NEAR_SMALL, FAR_SMALL);
        double turn = Math.max(small, samples.turn(i, NEAR, FAR));
        double halfAngle = (Math.PI - Math.min(turn, MOST_TURN)) / 2;
        double pointed = USUAL_SHARE * 0.25 / Math.tan(halfAngle) + USUAL_PX;
        double gap = samples.at(i).distance(meeting);
        if (gap > MOST_REACH_PX || gap > pointed + MOST_ROUNDING_PX) {
            return null;
        }
        double surely = Math.max(pointed * SCATTER, gap(pointed, LEAST_RADIUS_PX, halfAngle));
        boolean rounded = gap > surely;
        return new Corner(i, rounded ? apex(meeting, samples.at(i), pointed) : meeting, rounded);
    }

    /**
     * The gap of a corner rounded by some radius: its square is that of the apex's distance from
     * the meeting of the sides and that of a pointed corner's gap together (measured on wedges of
     * 40 to 120 degrees rounded by 0.7 to 2 px, 200 places and turns each: within 0.07 px on
     * average, from 60 degrees on within 0.05).
     */
    private static double gap(double pointed, double radius, double halfAngle) {
        return Math.hypot(pointed, radius * (1 / Math.sin(halfAngle) - 1));
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

    /** Where to put a corner that is a little rounded: near the apex of its rounding. */
    private static Point apex(Point meeting, Point contour, double pointed) {
        double gap = meeting.distance(contour);
        double share = APEX_SHARE * Math.sqrt(gap * gap - pointed * pointed) / gap;
        return meeting.plus(contour.minus(meeting).times(share));
    }
}
