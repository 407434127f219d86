package neattrace.trace.centre;

import java.util.TreeSet;

/**
 * Where a line turns a corner: where a stub at the corner's outer side was taken off, and where as
 * good as all of a turn happens within a width (an arc turns as much again over twice the way).
 */
final class Bends {

    /** Corners turn by more. */
    private static final double LEAST_TURN = Math.toRadians(40);

    /** A corner keeps this share of its turn at half the scale, an arc half of it. */
    private static final double KEPT = 0.68;

    private Bends() {}

    /** Samples at which the strand bends, in order. */
    static int[] of(Strand strand, int[] stubs) {
        TreeSet<Integer> bends = new TreeSet<>();
        int n = strand.size();
        for (int stub : stubs) {
            bends.add(Math.max(0, Math.min(n - 1, stub)));
        }
        double[] sharp = new double[n];
        for (int i = 0; i < n; i++) {
            sharp[i] = sharpness(strand, i);
        }
        for (int i = 0; i < n; i++) {
            if (sharp[i] > 0 && isPeak(sharp, i, reach(strand, i), strand.closed)) {
                bends.add(i);
            }
        }
        return bends.stream().mapToInt(Integer::intValue).toArray();
    }

    /** How much a strand turns at a sample, radians; a right angle if that is not known. */
    static double turn(Strand strand, int i) {
        int k = reach(strand, i);
        double turn = turn(strand, i, k, 2 * k);
        return turn > 0 ? turn : Math.PI / 2;
    }

    /** How far from a corner both its sides are straight, samples. */
    private static int reach(Strand strand, int i) {
        return (int) Math.ceil(1.3 * strand.rough[i]) + 3;
    }

    private static double sharpness(Strand strand, int i) {
        int k = reach(strand, i);
        double large = turn(strand, i, k, 2 * k);
        if (!(large > LEAST_TURN)) {
            return 0;
        }
        double small = turn(strand, i, (k + 1) / 2, k);
        return small > KEPT * large ? small : 0;
    }

    /** The turn between the chords before and after a sample; 0 beyond an open line's ends. */
    private static double turn(Strand strand, int i, int near, int far) {
        int n = strand.size();
        if (strand.closed ? n < 4 * far : i < far || i >= n - far) {
            return 0;
        }
        double bx = x(strand, i - near) - x(strand, i - far);
        double by = y(strand, i - near) - y(strand, i - far);
        double fx = x(strand, i + far) - x(strand, i + near);
        double fy = y(strand, i + far) - y(strand, i + near);
        return Math.abs(Math.atan2(bx * fy - by * fx, bx * fx + by * fy));
    }

    private static double x(Strand strand, int i) {
        return strand.x[Math.floorMod(i, strand.size())];
    }

    private static double y(Strand strand, int i) {
        return strand.y[Math.floorMod(i, strand.size())];
    }

    private static boolean isPeak(double[] sharp, int i, int reach, boolean closed) {
        int n = sharp.length;
        for (int k = 1; k <= reach; k++) {
            int before = closed ? Math.floorMod(i - k, n) : Math.max(0, i - k);
            int after = closed ? (i + k) % n : Math.min(n - 1, i + k);
            if (sharp[before] >= sharp[i] || sharp[after] > sharp[i]) {
                return false;
            }
        }
        return true;
    }
}
