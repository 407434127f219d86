package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/**
 * Covers a section with as few cubics as the error bound allows: cut where the direction has turned
 * far, cut again where a cubic does not keep close, then joints are taken away one by one as long
 * as their neighbours, fitted anew together, can do without.
 */
final class SectionFitter {

    /** The root mean square may reach this share of the largest error allowed. */
    static final double RMS_SHARE = 0.5;

    /** No cubic of the first cut turns by more. */
    private static final double FIRST_TURN = Math.toRadians(60);

    /** No cubic at all turns by more. */
    private static final double MOST_TURN = Math.toRadians(165);

    /** Cubics of fewer samples are not cut. */
    private static final int SHORTEST = 6;

    /** The same where the section is free of noise: its error is that of the cubics alone. */
    private static final double SMOOTH_RMS_SHARE = 0.75;

    private static final int SMOOTH_SHORTEST = 3;

    /** A cubic alone, its ends fixed, so many times too far off is beyond help. */
    private static final double HOPELESS = 5;

    /** The same of the mean of squares after two rounds, by the square of the bound. */
    private static final double HOPELESS_SQUARES = 2;

    private static final int ROUNDS = 3;
    private static final int FEW_ROUNDS = 4;
    private static final int SETTLING_ROUNDS = 3;

    /** A cubic whose samples keep this close to a line is a straight line, px. */
    static final double STRAIGHT_PX = 0.12;

    /** Shorter ones than this between smooth neighbours stay curves, px. */
    private static final double SHORT_PX = 10;

    /** Directions that differ by less run into each other smoothly to any eye, radians. */
    private static final double ALONG = 0.005;

    private final Section section;
    private final double bound;

    /** No cubic is bent tighter, px; 0 where it does not matter. */
    private final double leastRadius;

    private final Chain chain;
    private final ChainError error;
    private final ChainSolver solver;

    private final double rmsShare;
    private final int shortest;

    private SectionFitter(Section section, double bound, double leastRadius) {
        this.section = section;
        this.rmsShare = leastRadius > 0 ? SMOOTH_RMS_SHARE : RMS_SHARE;
        this.shortest = leastRadius > 0 ? SMOOTH_SHORTEST : SHORTEST;
        this.bound = bound;
        this.leastRadius = leastRadius;
        this.chain = new Chain(section);
        this.error = new ChainError(chain);
        this.solver = new ChainSolver(chain);
    }

    /**
     * Fits.
     *
     * @param bound the largest distance a sample may keep, px
     */
    static List<Piece> fit(Section section, double bound) {
        if (section.line) {
            return List.of(new ChainError(new Chain(section)).piece(0, true));
        }
        if (section.arc != null) {
            return section.arc.pieces(section);
        }
        return fit(section, bound, 0);
    }

    /**
     * Fits a curve of which no part may be bent tighter than it is itself.
     *
     * @param leastRadius of the curvature, px
     */
    static List<Piece> fit(Section section, double bound, double leastRadius) {
        SectionFitter fitter = new SectionFitter(section, bound, leastRadius);
        fitter.cut();
        fitter.refine();
        fitter.simplify();
        fitter.settle();
        return fitter.pieces();
    }

    /** A joint wherever the direction has swung by the first turn since the last one. */
    private void cut() {
        double low = 0;
        double high = 0;
        double angle = 0;
        int lastCut = 0;
        for (int i = 1; i < section.last(); i++) {
            angle += section.step(i);
            low = Math.min(low, angle);
            high = Math.max(high, angle);
            if (high - low > FIRST_TURN
                    && i - lastCut >= SHORTEST
                    && section.last() - i >= SHORTEST) {
                chain.split(chain.size - 1, i);
                lastCut = i;
                low = 0;
                high = 0;
                angle = 0;
            }
        }
        if (section.ring && chain.size < 2) {
            chain.split(0, section.last() / 2);
        }
    }

    /** Cuts cubics in two that do not keep close, until all do or are short. */
    private void refine() {
        for (int i = 0; i < chain.size; ) {
            solver.relax(i, i + 1, ROUNDS, hopeless(i, i + 1));
            if (!chain.isSane(i)) {
                chain.spread(i);
            }
            int span = chain.at[i + 1] - chain.at[i];
            if (isClose(i)) {
                i++;
            } else if (span < 2 * shortest) {
                if (!isRound(i)) {
                    chain.spread(i);
                }
                i++;
            } else {
                chain.split(i, chain.at[i] + span / 2);
            }
        }
    }

    /** A sum of squares from which two rounds more will not lead back within the bound. */
    private double hopeless(int first, int last) {
        int samples = chain.at[last] - chain.at[first] + 1;
        return HOPELESS_SQUARES * samples * bound * bound;
    }

    private boolean isClose(int i) {
        return isClose(i, error.glance(i, bound));
    }

    private boolean isClose(int i, FitError glance) {
        return isClose(glance)
                && (error.isSeenAtAGlance(i) || isClose(error.measure(i, bound)))
                && isRound(i);
    }

    private boolean isRound(int i) {
        return leastRadius == 0 || error.leastRadius(i) >= leastRadius;
    }

    private boolean areRound(int first, int last) {
        for (int i = first; i < last; i++) {
            if (!isRound(i)) {
                return false;
            }
        }
        return true;
    }

    private boolean isClose(FitError found) {
        return found.max() <= bound
                && found.squares() <= found.count() * rmsShare * rmsShare * bound * bound;
    }

    private void simplify() {
        int least = section.ring ? 2 : 1;
        for (int i = 1; i < chain.size && chain.size > least; ) {
            if (remove(i)) {
                i = Math.max(1, i - 1);
            } else {
                i++;
            }
        }
    }

    /** Takes joint i away if what is left keeps close enough. */
    private boolean remove(int i) {
        if (section.turn(chain.at[i - 1], chain.at[i + 1]) > MOST_TURN) {
            return false;
        }
        int first = Math.max(0, i - 2);
        int last = Math.min(chain.size, i + 2);
        Chain.State state = chain.keep(first, last);
        chain.drop(i);
        solver.relax(i - 1, i, FEW_ROUNDS, hopeless(i - 1, i));
        FitError alone = error.glance(i - 1, HOPELESS * bound);
        if (isClose(i - 1, alone)) {
            return true;
        }
        if (alone.max() <= HOPELESS * bound) {
            solver.relax(first, last - 1, ROUNDS, hopeless(first, last - 1));
            if (areClose(first, last - 1)) {
                return true;
            }
        }
        chain.restoreDropped(i, state);
        return false;
    }

    private boolean areClose(int first, int last) {
        for (int i = first; i < last; i++) {
            if (!isClose(i)) {
                return false;
            }
        }
        return true;
    }

    /** Fits neighbours together, all along. */
    private void settle() {
        double own = error.measure(0).max();
        for (int i = 0; i < Math.max(1, chain.size - 1); i++) {
            int last = Math.min(chain.size, i + 2);
            double next = worst(i + 1, last);
            double most = Math.max(bound, Math.max(own, next));
            Chain.State state = chain.keep(i, last);
            solver.relax(i, last, SETTLING_ROUNDS, Double.POSITIVE_INFINITY);
            double nextNow = worst(i + 1, last);
            if (nextNow <= most && error.measure(i, most).max() <= most && areRound(i, last)) {
                own = nextNow;
            } else {
                chain.restore(state);
                own = next;
            }
        }
    }

    private double worst(int first, int last) {
        double worst = 0;
        for (int i = first; i < last; i++) {
            worst = Math.max(worst, error.measure(i).max());
        }
        return worst;
    }

    private List<Piece> pieces() {
        BitSet lines = new BitSet();
        for (int i = 0; i < chain.size; i++) {
            lines.set(i, isLine(i) && align(i, lines));
        }
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < chain.size; i++) {
            pieces.add(error.piece(i, lines.get(i)));
        }
        return pieces;
    }

    private boolean isLine(int i) {
        double length = Math.hypot(chain.x[i + 1] - chain.x[i], chain.y[i + 1] - chain.y[i]);
        boolean betweenCorners = chain.isCorner(i) && chain.isCorner(i + 1);
        return length > 0
                && (length >= SHORT_PX || betweenCorners)
                && error.fromChord(i) <= STRAIGHT_PX;
    }

    /**
     * Lays both ends of cubic i along its chord and fits its neighbours to that, so that curves
     * leave lines smoothly. False, and nothing changed, if that takes them too far off.
     */
    private boolean align(int i, BitSet lines) {
        double along = Math.atan2(chain.y[i + 1] - chain.y[i], chain.x[i + 1] - chain.x[i]);
        boolean startTurns = i > 0 && !lines.get(i - 1);
        boolean endTurns = i + 1 < chain.size;
        boolean startFits = startTurns || chain.isCorner(i) || isAlong(i, along);
        boolean endFits = endTurns || chain.isCorner(i + 1) || isAlong(i + 1, along);
        if (!startFits || !endFits) {
            return false;
        }
        int first = Math.max(0, i - 1);
        int last = Math.min(chain.size, i + 2);
        Chain.State state = chain.keep(first, last);
        double before = Math.max(bound, worst(first, last));
        if (startTurns) {
            chain.angle[i] = along;
            solver.relax(i - 1, i, ROUNDS, Double.POSITIVE_INFINITY);
        }
        if (endTurns) {
            chain.angle[i + 1] = along;
            solver.relax(i + 1, i + 2, ROUNDS, Double.POSITIVE_INFINITY);
        }
        boolean close =
                (!startTurns || worst(i - 1, i) <= before)
                        && (!endTurns || worst(i + 1, i + 2) <= before)
                        && areRound(first, last);
        if (!close) {
            chain.restore(state);
        }
        return close;
    }

    /** Whether joint i, which is not free to turn, runs along a line as good as exactly. */
    private boolean isAlong(int i, double angle) {
        return Math.abs(Math.IEEEremainder(chain.angle[i] - angle, 2 * Math.PI)) < ALONG;
    }
}
