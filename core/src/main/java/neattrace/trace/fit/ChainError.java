package neattrace.trace.fit;

import neattrace.geom.Point;

/** How far samples keep from the cubics of a chain, and the cubics as pieces. Not thread-safe. */
final class ChainError {

    /**
     * While fitting, of cubics with more samples than twice this only about so many are measured.
     */
    private static final int ENOUGH = 24;

    /** From this squared distance on the nearest place is looked for all along, px2. */
    private static final double ASTRAY = 0.1;

    private final Chain chain;
    private final Cubic cubic = new Cubic();

    ChainError(Chain chain) {
        this.chain = chain;
    }

    /** How far the samples of cubic i keep from it; infinitely far if an arm is no use. */
    FitError measure(int i) {
        return measure(i, stride(i), Double.POSITIVE_INFINITY);
    }

    /** The same; but once a sample is farther off than {@code enough}, px, no more is looked at. */
    FitError measure(int i, double enough) {
        return measure(i, stride(i), enough);
    }

    /** Neighbours are half a pixel apart: of long cubics every second one tells enough. */
    private int stride(int i) {
        return chain.at[i + 1] - chain.at[i] > ENOUGH ? 2 : 1;
    }

    /**
     * The same of a share of the samples where there are many: enough to turn a cubic down. Once
     * one of them is farther off than {@code enough}, px, no more is looked at.
     */
    FitError glance(int i, double enough) {
        return measure(i, glanceStride(i), enough);
    }

    /** Whether a glance at cubic i sees all that a measure does. */
    boolean isSeenAtAGlance(int i) {
        return glanceStride(i) == stride(i);
    }

    private int glanceStride(int i) {
        return Math.max(stride(i), (chain.at[i + 1] - chain.at[i]) / ENOUGH);
    }

    private FitError measure(int i, int stride, double enough) {
        if (!chain.isSane(i)) {
            double far = Double.POSITIVE_INFINITY;
            return new FitError(far, far, far, chain.section.at(chain.at[i]), 1);
        }
        chain.load(i, cubic);
        return measureLoaded(i, stride, enough);
    }

    /** The same of the cubic under the hand. */
    private FitError measureLoaded(int i, int stride, double enough) {
        double[] xs = chain.section.x;
        double[] ys = chain.section.y;
        double enoughSquare = enough * enough;
        double sum = 0;
        double squares = 0;
        double max = 0;
        int first = chain.at[i];
        int worst = first;
        int count = 0;
        double t = 0;
        double pace = 0;
        int last = chain.at[i + 1];
        for (int k = first; k <= last; k += stride) {
            double px = xs[k];
            double py = ys[k];
            double guess =
                    count == 1
                            ? cubic.onward(t, px - xs[first], py - ys[first])
                            : Math.min(1, t + pace);
            guess = cubic.nearer(px, py, cubic.nearer(px, py, guess));
            double square = cubic.squareTo(px, py, guess);
            if (square > ASTRAY) {
                guess = cubic.nearest(px, py);
                square = Math.min(square, cubic.squareTo(px, py, guess));
            }
            pace = guess - t;
            t = guess;
            count++;
            sum += Math.sqrt(square);
            squares += square;
            if (square > max) {
                max = square;
                worst = k;
                if (square > enoughSquare) {
                    break;
                }
            }
        }
        return new FitError(sum, squares, Math.sqrt(max), chain.section.at(worst), count);
    }

    /** How far the samples of cubic i keep from its chord at most, px. */
    double fromChord(int i) {
        double cx = chain.x[i + 1] - chain.x[i];
        double cy = chain.y[i + 1] - chain.y[i];
        double most = 0;
        for (int k = chain.at[i]; k <= chain.at[i + 1]; k++) {
            double across =
                    (chain.section.x[k] - chain.x[i]) * cy - (chain.section.y[k] - chain.y[i]) * cx;
            most = Math.max(most, Math.abs(across));
        }
        return most / Math.sqrt(cx * cx + cy * cy);
    }

    /** The radius of cubic i where it is bent most, px. */
    double leastRadius(int i) {
        chain.load(i, cubic);
        return cubic.leastRadius();
    }

    /** Cubic i as it is, or as the straight line between its joints. */
    Piece piece(int i, boolean line) {
        Point start = new Point(chain.x[i], chain.y[i]);
        Point end = new Point(chain.x[i + 1], chain.y[i + 1]);
        Point first = start.plus(direction(i).times(chain.out[i]));
        Point second = end.minus(direction(i + 1).times(chain.in[i]));
        if (line) {
            Point third = end.minus(start).times(1 / 3.0);
            first = start.plus(third);
            second = end.minus(third);
        }
        cubic.set(
                start.x(),
                start.y(),
                first.x(),
                first.y(),
                second.x(),
                second.y(),
                end.x(),
                end.y());
        return new Piece(
                start,
                first,
                second,
                end,
                line,
                measureLoaded(i, stride(i), Double.POSITIVE_INFINITY));
    }

    private Point direction(int i) {
        return new Point(Math.cos(chain.angle[i]), Math.sin(chain.angle[i]));
    }
}
