package neattrace.trace.fit;

import java.util.Arrays;

/**
 * Cubics that follow each other smoothly along a section, as joints (place and direction) and arms
 * (how far the control points lie from the joints). Cubic i runs from joint i to joint i + 1 and
 * stands for the samples between theirs.
 */
final class Chain {

    /** An arm is never longer than this share of the way. */
    private static final double LONGEST_ARM = 1;

    final Section section;
    int size;

    /** The sample nearest to each joint. */
    int[] at = new int[9];

    double[] x = new double[9];
    double[] y = new double[9];
    double[] angle = new double[9];

    double[] out = new double[8];
    double[] in = new double[8];

    /** A chain of one cubic all along. */
    Chain(Section section) {
        this.section = section;
        this.size = 1;
        put(0, 0);
        put(1, section.last());
        spread(0);
    }

    /** Puts joint i where a sample is. */
    private void put(int i, int sample) {
        at[i] = sample;
        x[i] = section.x[sample];
        y[i] = section.y[sample];
        angle[i] = section.angle(sample);
    }

    /** Arms of a third of the way. */
    void spread(int i) {
        double third = section.length(at[i], at[i + 1]) / 3;
        out[i] = third;
        in[i] = third;
    }

    /** Cuts cubic i at a sample. */
    void split(int i, int sample) {
        if (size + 2 > x.length) {
            int room = 2 * x.length;
            at = Arrays.copyOf(at, room);
            x = Arrays.copyOf(x, room);
            y = Arrays.copyOf(y, room);
            angle = Arrays.copyOf(angle, room);
            out = Arrays.copyOf(out, room);
            in = Arrays.copyOf(in, room);
        }
        move(i + 1, i + 2, size - i);
        System.arraycopy(out, i, out, i + 1, size - i);
        System.arraycopy(in, i, in, i + 1, size - i);
        size++;
        put(i + 1, sample);
        spread(i);
        spread(i + 1);
    }

    /** Makes one cubic of those before and after joint i. */
    void drop(int i) {
        move(i + 1, i, size - i);
        System.arraycopy(out, i + 1, out, i, size - i - 1);
        System.arraycopy(in, i + 1, in, i, size - i - 1);
        size--;
        spread(i - 1);
    }

    private void move(int from, int to, int count) {
        System.arraycopy(at, from, at, to, count);
        System.arraycopy(x, from, x, to, count);
        System.arraycopy(y, from, y, to, count);
        System.arraycopy(angle, from, angle, to, count);
    }

    /** What joints and cubics from one joint to another are like, to be put back if need be. */
    record State(int first, int[] at, double[] values) {}

    State keep(int first, int last) {
        double[] values = new double[5 * (last - first + 1)];
        for (int i = first; i <= last; i++) {
            int k = 5 * (i - first);
            values[k] = x[i];
            values[k + 1] = y[i];
            values[k + 2] = angle[i];
            values[k + 3] = i < last ? out[i] : 0;
            values[k + 4] = i < last ? in[i] : 0;
        }
        return new State(first, Arrays.copyOfRange(at, first, last + 1), values);
    }

    void restore(State state) {
        int last = state.first + state.at.length - 1;
        for (int i = state.first; i <= last; i++) {
            int k = 5 * (i - state.first);
            at[i] = state.at[i - state.first];
            x[i] = state.values[k];
            y[i] = state.values[k + 1];
            angle[i] = state.values[k + 2];
            if (i < last) {
                out[i] = state.values[k + 3];
                in[i] = state.values[k + 4];
            }
        }
    }

    /** Puts back what {@link #drop} of joint i took away. */
    void restoreDropped(int i, State state) {
        split(i - 1, state.at[i - state.first]);
        restore(state);
    }

    /** Lets inner joints stand for the samples nearest to them. */
    void reassign(int first, int last) {
        for (int j = first + 1; j < last; j++) {
            while (at[j] + 2 < at[j + 1] && gap(j, at[j] + 1) < gap(j, at[j])) {
                at[j]++;
            }
            while (at[j] - 2 > at[j - 1] && gap(j, at[j] - 1) < gap(j, at[j])) {
                at[j]--;
            }
        }
    }

    private double gap(int joint, int sample) {
        double dx = x[joint] - section.x[sample];
        double dy = y[joint] - section.y[sample];
        return dx * dx + dy * dy;
    }

    /** Whether joint i is a corner's, whose other side is not in this chain. */
    boolean isCorner(int i) {
        return i == 0 && section.cornerAtStart || i == size && section.cornerAtEnd;
    }

    void load(int i, Cubic into) {
        into.set(
                x[i],
                y[i],
                x[i] + out[i] * Math.cos(angle[i]),
                y[i] + out[i] * Math.sin(angle[i]),
                x[i + 1] - in[i] * Math.cos(angle[i + 1]),
                y[i + 1] - in[i] * Math.sin(angle[i + 1]),
                x[i + 1],
                y[i + 1]);
    }

    /** Whether both arms of cubic i point the way it runs and are no longer than it. */
    boolean isSane(int i) {
        double most = LONGEST_ARM * (section.length(at[i], at[i + 1]) + 1);
        return out[i] > 0 && in[i] > 0 && out[i] < most && in[i] < most;
    }
}
