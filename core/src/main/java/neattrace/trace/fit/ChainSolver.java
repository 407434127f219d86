package neattrace.trace.fit;

import java.util.Arrays;

/**
 * Finds places, directions and arms of a few neighbouring cubics together, so that the sum of
 * squared distances of their samples is least: Gauss and Newton's method, damped after Levenberg
 * and Marquardt, distances taken mostly across the curve. Not thread-safe.
 */
final class ChainSolver {

    /** Cubics solved together at most. */
    static final int MOST = 3;

    /** Two arms a cubic, three numbers an inner joint, two directions at the ends. */
    private static final int UNKNOWNS = 2 * MOST + 3 * (MOST - 1) + 2;

    /** Unknowns that a single cubic depends on at most. */
    private static final int TOUCHED = 8;

    /** Samples used of each cubic. */
    private static final int PICKED = 16;

    /** Weight of squared distances along the curve against those across it. */
    private static final double ALONG = 0.05;

    /** A sum of squares that falls by less than this share has settled. */
    private static final double SETTLED = 0.01;

    private static final double MOST_TURN = 0.5;
    private static final double FIRST_DAMPING = 1e-3;
    private static final double LEAST_DAMPING = 1e-6;

    private final Chain chain;
    private final Cubic cubic = new Cubic();
    private final double[][] normal = new double[UNKNOWNS][UNKNOWNS];
    private final double[] right = new double[UNKNOWNS];
    private final double[][] factor = new double[UNKNOWNS][UNKNOWNS];
    private final double[] step = new double[UNKNOWNS];

    /** The unknowns a cubic depends on, and how the point in question moves with each. */
    private final int[] touched = new int[TOUCHED];

    private final double[] across = new double[TOUCHED];
    private final double[] along = new double[TOUCHED];

    /** The unknowns of each joint's place and direction, -1 where they are fixed. */
    private final int[] place = new int[MOST + 1];

    private final int[] turn = new int[MOST + 1];
    private int count;

    ChainSolver(Chain chain) {
        this.chain = chain;
    }

    /** Solves for cubics first to last - 1, at most {@link #MOST}; joints at both ends stay. */
    void relax(int first, int last, int rounds) {
        number(first, last);
        double damping = FIRST_DAMPING;
        double before = assemble(first, last);
        for (int round = 0; round < rounds; round++) {
            if (!solve(damping)) {
                damping *= 100;
                continue;
            }
            Chain.State state = chain.keep(first, last);
            apply(first, last);
            double after = assemble(first, last);
            if (!(after < before)) {
                chain.restore(state);
                if (round + 1 == rounds) {
                    return;
                }
                damping *= 30;
                before = assemble(first, last);
                continue;
            }
            boolean settled = after > (1 - SETTLED) * before;
            chain.reassign(first, last);
            if (settled || round + 1 == rounds) {
                return;
            }
            damping = Math.max(LEAST_DAMPING, damping / 10);
            before = last - first > 1 ? assemble(first, last) : after;
        }
    }

    private void number(int first, int last) {
        count = 2 * (last - first);
        for (int joint = first; joint <= last; joint++) {
            boolean inner = joint > first && joint < last;
            boolean free = inner && !chain.held[joint];
            place[joint - first] = free ? count : -1;
            count += free ? 2 : 0;
            boolean turns = free || chain.isCorner(joint) && !chain.held[joint];
            turn[joint - first] = turns ? count : -1;
            count += turns ? 1 : 0;
        }
    }

    private void apply(int first, int last) {
        for (int i = first; i < last; i++) {
            chain.out[i] += step[2 * (i - first)];
            chain.in[i] += step[2 * (i - first) + 1];
        }
        for (int joint = first; joint <= last; joint++) {
            int at = place[joint - first];
            if (at >= 0) {
                chain.x[joint] += step[at];
                chain.y[joint] += step[at + 1];
            }
            int angle = turn[joint - first];
            if (angle >= 0) {
                chain.angle[joint] += Math.max(-MOST_TURN, Math.min(MOST_TURN, step[angle]));
            }
        }
    }

    /** Builds the normal equations and returns the sum of squares. */
    private double assemble(int first, int last) {
        for (int i = 0; i < count; i++) {
            Arrays.fill(normal[i], 0, count, 0);
            right[i] = 0;
        }
        double total = 0;
        Section section = chain.section;
        for (int i = first; i < last; i++) {
            chain.load(i, cubic);
            int from = chain.at[i];
            int span = chain.at[i + 1] - from;
            int picked = Math.min(PICKED, span + 1);
            double weight = (double) (span + 1) / picked;
            double c0 = Math.cos(chain.angle[i]);
            double s0 = Math.sin(chain.angle[i]);
            double c1 = Math.cos(chain.angle[i + 1]);
            double s1 = Math.sin(chain.angle[i + 1]);
            touch(i, first);
            double t = 0;
            double lastX = section.x[from];
            double lastY = section.y[from];
            for (int k = 0; k < picked; k++) {
                int sample = from + (int) ((long) span * k / Math.max(1, picked - 1));
                double px = section.x[sample];
                double py = section.y[sample];
                t = cubic.onward(t, px - lastX, py - lastY);
                t = cubic.nearer(px, py, cubic.nearer(px, py, t));
                lastX = px;
                lastY = py;
                total += weight * add(i, t, px, py, weight, c0, s0, c1, s1);
            }
        }
        return total;
    }

    /** Lists the unknowns of cubic i in the order in which {@link #add} fills them. */
    private void touch(int i, int first) {
        int k = i - first;
        touched[0] = 2 * k;
        touched[1] = 2 * k + 1;
        touched[2] = place[k];
        touched[3] = place[k] < 0 ? -1 : place[k] + 1;
        touched[4] = place[k + 1];
        touched[5] = place[k + 1] < 0 ? -1 : place[k + 1] + 1;
        touched[6] = turn[k];
        touched[7] = turn[k + 1];
    }

    private double add(
            int i,
            double t,
            double px,
            double py,
            double weight,
            double c0,
            double s0,
            double c1,
            double s1) {
        double s = 1 - t;
        double b1 = 3 * s * s * t;
        double b2 = 3 * s * t * t;
        double near = s * s * s + b1;
        double far = b2 + t * t * t;
        double rx = px - cubic.x(t);
        double ry = py - cubic.y(t);
        double vx = cubic.slopeX(t);
        double vy = cubic.slopeY(t);
        double v = Math.max(1e-9, Math.sqrt(vx * vx + vy * vy));
        double tx = vx / v;
        double ty = vy / v;
        double out = chain.out[i];
        double in = chain.in[i];
        set(0, b1 * c0, b1 * s0, tx, ty);
        set(1, -b2 * c1, -b2 * s1, tx, ty);
        set(2, near, 0, tx, ty);
        set(3, 0, near, tx, ty);
        set(4, far, 0, tx, ty);
        set(5, 0, far, tx, ty);
        set(6, -b1 * out * s0, b1 * out * c0, tx, ty);
        set(7, b2 * in * s1, -b2 * in * c1, tx, ty);
        double offAcross = tx * ry - ty * rx;
        double offAlong = tx * rx + ty * ry;
        for (int a = 0; a < TOUCHED; a++) {
            if (touched[a] < 0) {
                continue;
            }
            double wa = weight * across[a];
            double la = weight * ALONG * along[a];
            right[touched[a]] += wa * offAcross + la * offAlong;
            double[] row = normal[touched[a]];
            for (int b = 0; b < TOUCHED; b++) {
                if (touched[b] >= 0) {
                    row[touched[b]] += wa * across[b] + la * along[b];
                }
            }
        }
        return rx * rx + ry * ry;
    }

    private void set(int k, double dx, double dy, double tx, double ty) {
        across[k] = tx * dy - ty * dx;
        along[k] = tx * dx + ty * dy;
    }

    /** Cholesky's method on the damped equations; false if they are not positive definite. */
    private boolean solve(double damping) {
        for (int i = 0; i < count; i++) {
            for (int j = 0; j <= i; j++) {
                double sum = normal[i][j];
                if (i == j) {
                    sum += damping * sum + 1e-7;
                }
                for (int k = 0; k < j; k++) {
                    sum -= factor[i][k] * factor[j][k];
                }
                if (i == j) {
                    if (!(sum > 0)) {
                        return false;
                    }
                    factor[i][i] = Math.sqrt(sum);
                } else {
                    factor[i][j] = sum / factor[j][j];
                }
            }
        }
        for (int i = 0; i < count; i++) {
            double sum = right[i];
            for (int k = 0; k < i; k++) {
                sum -= factor[i][k] * step[k];
            }
            step[i] = sum / factor[i][i];
        }
        for (int i = count - 1; i >= 0; i--) {
            double sum = step[i];
            for (int k = i + 1; k < count; k++) {
                sum -= factor[k][i] * step[k];
            }
            step[i] = sum / factor[i][i];
        }
        return true;
    }
}
