package neattrace.trace.fit;

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
    private static final int PICKED = 12;

    /** A sum of squares that falls by less than this share has settled. */
    private static final double SETTLED = 0.05;

    private static final double MOST_TURN = 0.5;
    private static final double FIRST_DAMPING = 1e-3;
    private static final double LEAST_DAMPING = 1e-6;

    private final Chain chain;
    private final Cubic cubic = new Cubic();
    private final NormalEquations equations = new NormalEquations(UNKNOWNS);

    /** For each cubic solved for, the samples picked, and how many each of them stands for. */
    private final double[][] pickedX = new double[MOST][PICKED];

    private final double[][] pickedY = new double[MOST][PICKED];
    private final int[] picked = new int[MOST];
    private final double[] weight = new double[MOST];

    /** The parameters nearest to them. */
    private final double[][] nearest = new double[MOST][PICKED];

    /** What the samples of a cubic come to. */
    private final Moments moments = new Moments();

    /** The unknowns a cubic depends on; which share of each a point moves by, and where to. */
    private final int[] touched = new int[TOUCHED];

    private final int[] shareOf = new int[TOUCHED];
    private final double[] moveX = new double[TOUCHED];
    private final double[] moveY = new double[TOUCHED];
    private int touches;

    /** The unknowns of each joint's place and direction, -1 where they are fixed. */
    private final int[] place = new int[MOST + 1];

    private final int[] turn = new int[MOST + 1];
    private int count;

    ChainSolver(Chain chain) {
        this.chain = chain;
    }

    /**
     * Solves for cubics first to last - 1, at most {@link #MOST}; joints at both ends stay.
     *
     * @param hopeless a sum of squares that is above this after two rounds is not worth more
     */
    void relax(int first, int last, int rounds, double hopeless) {
        number(first, last);
        pick(first, last);
        double damping = FIRST_DAMPING;
        double before = assemble(first, last, true);
        for (int round = 0; round < rounds; round++) {
            if (!equations.solve(count, damping)) {
                damping *= 100;
                continue;
            }
            Chain.State state = chain.keep(first, last);
            apply(first, last);
            boolean more = round + 1 < rounds;
            double after = more ? assemble(first, last, false) : squares(first, last);
            if (after < before) {
                boolean settled = after > (1 - SETTLED) * before;
                if (settled || round > 0 && after > hopeless) {
                    break;
                }
                damping = Math.max(LEAST_DAMPING, damping / 10);
                before = after;
                continue;
            }
            chain.restore(state);
            if (round + 1 < rounds) {
                damping *= 30;
                before = assemble(first, last, true);
            }
        }
        chain.reassign(first, last);
    }

    private void number(int first, int last) {
        count = 2 * (last - first);
        for (int joint = first; joint <= last; joint++) {
            boolean inner = joint > first && joint < last;
            place[joint - first] = inner ? count : -1;
            count += inner ? 2 : 0;
            boolean turns = inner || chain.isCorner(joint);
            turn[joint - first] = turns ? count : -1;
            count += turns ? 1 : 0;
        }
    }

    private void apply(int first, int last) {
        for (int i = first; i < last; i++) {
            chain.out[i] += equations.step(2 * (i - first));
            chain.in[i] += equations.step(2 * (i - first) + 1);
        }
        for (int joint = first; joint <= last; joint++) {
            int at = place[joint - first];
            if (at >= 0) {
                chain.x[joint] += equations.step(at);
                chain.y[joint] += equations.step(at + 1);
            }
            int angle = turn[joint - first];
            if (angle >= 0) {
                chain.angle[joint] +=
                        Math.max(-MOST_TURN, Math.min(MOST_TURN, equations.step(angle)));
            }
        }
    }

    /** Picks the samples of each cubic. */
    private void pick(int first, int last) {
        Section section = chain.section;
        for (int i = first; i < last; i++) {
            int from = chain.at[i];
            int span = chain.at[i + 1] - from;
            int count = Math.min(PICKED, span + 1);
            double pace = (double) span / Math.max(1, count - 1);
            picked[i - first] = count;
            weight[i - first] = (double) (span + 1) / count;
            for (int k = 0; k < count; k++) {
                int sample = from + (int) (k * pace + 1e-9);
                pickedX[i - first][k] = section.x[sample];
                pickedY[i - first][k] = section.y[sample];
            }
        }
    }

    /**
     * Builds the normal equations and returns the sum of squares.
     *
     * @param afresh whether the places on the curves nearest to the samples are not known yet
     */
    private double assemble(int first, int last, boolean afresh) {
        equations.clear(count);
        double total = 0;
        for (int i = first; i < last; i++) {
            chain.load(i, cubic);
            if (afresh) {
                start(i - first);
            }
            moments.clear();
            total += weight[i - first] * add(i - first, afresh);
            touch(i, first);
            spread();
        }
        return total;
    }

    /** Finds about where on a cubic its samples lie, one after the other. */
    private void start(int i) {
        double[] x = pickedX[i];
        double[] y = pickedY[i];
        double t = 0;
        for (int k = 0; k < picked[i]; k++) {
            t = k == 0 ? 0 : cubic.onward(t, x[k] - x[k - 1], y[k] - y[k - 1]);
            t = cubic.nearer(x[k], y[k], cubic.nearer(x[k], y[k], t));
            nearest[i][k] = t;
        }
    }

    /** Adds the samples of a cubic to its moments; the sum of their squared distances. */
    private double add(int i, boolean afresh) {
        double[] x = pickedX[i];
        double[] y = pickedY[i];
        double[] t = nearest[i];
        int n = picked[i];
        double by = weight[i];
        boolean starts = place[i] >= 0;
        boolean ends = place[i + 1] >= 0;
        double sum = 0;
        for (int k = 0; k < n; k++) {
            t[k] = afresh ? t[k] : cubic.nearer(x[k], y[k], t[k]);
            sum += moments.add(cubic, t[k], x[k], y[k], by, starts, ends);
        }
        return sum;
    }

    /** The sum of squares, of curves a little moved. */
    private double squares(int first, int last) {
        double total = 0;
        for (int i = first; i < last; i++) {
            chain.load(i, cubic);
            total += weight[i - first] * squares(i - first);
        }
        return total;
    }

    private double squares(int i) {
        double[] x = pickedX[i];
        double[] y = pickedY[i];
        double[] t = nearest[i];
        double sum = 0;
        for (int k = 0; k < picked[i]; k++) {
            sum += cubic.squareTo(x[k], y[k], cubic.nearer(x[k], y[k], t[k]));
        }
        return sum;
    }

    /** Lists the unknowns of cubic i, ascending, and how its points move with each. */
    private void touch(int i, int first) {
        int k = i - first;
        double c0 = Math.cos(chain.angle[i]);
        double s0 = Math.sin(chain.angle[i]);
        double c1 = Math.cos(chain.angle[i + 1]);
        double s1 = Math.sin(chain.angle[i + 1]);
        double out = chain.out[i];
        double in = chain.in[i];
        touches = 0;
        touch(2 * k, Moments.FIRST_ARM, c0, s0);
        touch(2 * k + 1, Moments.SECOND_ARM, -c1, -s1);
        touch(place[k], Moments.START, 1, 0);
        touch(place[k] < 0 ? -1 : place[k] + 1, Moments.START, 0, 1);
        touch(turn[k], Moments.FIRST_ARM, -out * s0, out * c0);
        touch(place[k + 1], Moments.END, 1, 0);
        touch(place[k + 1] < 0 ? -1 : place[k + 1] + 1, Moments.END, 0, 1);
        touch(turn[k + 1], Moments.SECOND_ARM, in * s1, -in * c1);
    }

    private void touch(int unknown, int share, double dx, double dy) {
        if (unknown >= 0) {
            touched[touches] = unknown;
            shareOf[touches] = share;
            moveX[touches] = dx;
            moveY[touches++] = dy;
        }
    }

    /** Adds the moments of a cubic to the equations of the unknowns that it depends on. */
    private void spread() {
        for (int a = 0; a < touches; a++) {
            double ax = moveX[a];
            double ay = moveY[a];
            equations.add(touched[a], moments.right(shareOf[a], ax, ay));
            double[] row = equations.row(touched[a]);
            for (int b = 0; b <= a; b++) {
                row[touched[b]] +=
                        moments.product(shareOf[a], shareOf[b], ax, ay, moveX[b], moveY[b]);
            }
        }
    }
}
