package neattrace.sheet.sweep;

import java.util.List;

/**
 * The threshold to take, and the stretch of thresholds round it in which the drawing's topology
 * stays as it is.
 *
 * @param from lowest threshold of the stretch, 255ths
 * @param to highest threshold, 255ths
 * @param changes how many changes lie within all the same
 * @param best the threshold to take, 255ths
 */
public record CalmStretch(int from, int to, int changes, double best) {

    /**
     * So many changes, as a share of all pieces and holes, are still calm: in dense drawings some
     * pair of lines always lies just so far apart that it touches at one threshold and not at the
     * next.
     */
    private static final double STILL_CALM = 0.015;

    /**
     * Half way is left so far, in 255ths, to save one of {@link #WORTH} pieces and holes; the price
     * grows with the square, as every edge of the drawing moves with the threshold.
     */
    private static final double FAR = 40;

    private static final double WORTH = 7;

    /**
     * So many places, as a share of all pieces and holes, are left to a patch of their own: moving
     * every edge of the drawing for them would cost more than it gains.
     */
    private static final double BEARABLE = 0.04;

    /** A drawing of fewer pieces and holes is taken to have so many. */
    private static final int LEAST_STRUCTURES = 12;

    /**
     * Takes half way from paper to ink as the edges show it, unless so much of the drawing is lost
     * or filled there that another threshold is worth moving all edges for; and then no farther
     * than it gains.
     *
     * @param changes those that concern the drawing
     * @param structures pieces of ink and holes there are half way
     * @param range what thresholds come into question
     * @param half where edges are truest, 255ths
     */
    public static CalmStretch round(
            List<Change> changes, int structures, SweepRange range, double half) {
        int low = range.low();
        int high = range.high();
        double start = Math.max(low, Math.min(high, half));
        int[] wrong = wrong(changes, range);
        double best = start;
        double bearable = Math.max(1, BEARABLE * structures);
        double least = Math.max(0, wrong[(int) Math.ceil(start)] - bearable);
        double share = Math.max(LEAST_STRUCTURES, structures);
        for (int threshold = low; threshold <= high; threshold++) {
            double moved = (threshold - start) / FAR;
            double cost = Math.max(0, wrong[threshold] - bearable) + share / WORTH * moved * moved;
            if (cost < least) {
                least = cost;
                best = threshold;
            }
        }
        return stretch(changes, (int) (structures * STILL_CALM), low, high, best);
    }

    /** How many changes each threshold is on the wrong side of. */
    private static int[] wrong(List<Change> changes, SweepRange range) {
        int[] steps = new int[258];
        for (Change change : changes) {
            if (change.losesInk() && change.level() >= range.faintest()) {
                steps[change.level() + 1]++;
            } else if (!change.losesInk() && change.level() <= range.darkest()) {
                steps[0]++;
                steps[change.level() + 1]--;
            }
        }
        int[] wrong = new int[257];
        int sum = 0;
        for (int threshold = 0; threshold < wrong.length; threshold++) {
            sum += steps[threshold];
            wrong[threshold] = sum;
        }
        return wrong;
    }

    /** From a threshold both ways, always on the side where the next change is farther off. */
    private static CalmStretch stretch(
            List<Change> changes, int allowed, int low, int high, double best) {
        int[] levels = changes.stream().mapToInt(Change::level).sorted().toArray();
        // A change at a level happens just above it.
        int above = 0;
        while (above < levels.length && levels[above] < best) {
            above++;
        }
        int below = above - 1;
        int used = 0;
        while (used < allowed && (below >= 0 || above < levels.length)) {
            double down = below >= 0 ? best - levels[below] : Double.MAX_VALUE;
            double up = above < levels.length ? levels[above] - best : Double.MAX_VALUE;
            if (down < up) {
                below--;
            } else {
                above++;
            }
            used++;
        }
        int from = below >= 0 ? levels[below] + 1 : low;
        int to = above < levels.length ? levels[above] : high;
        return new CalmStretch(Math.max(low, from), Math.min(high, to), used, best);
    }

    /** How many thresholds it spans. */
    public int width() {
        return to - from;
    }

    /** {@link #best} as percent of the way from paper to ink. */
    public double bestPercent() {
        return Math.rint(best / 255 * 1000) / 10;
    }
}
