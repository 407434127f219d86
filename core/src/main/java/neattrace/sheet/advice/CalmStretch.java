package neattrace.sheet.advice;

import java.util.List;
import neattrace.sheet.sweep.Change;

/**
 * A stretch of thresholds in which the drawing's topology stays as it is.
 *
 * @param from lowest threshold, 255ths
 * @param to highest threshold, 255ths
 * @param changes how many changes lie within all the same
 */
public record CalmStretch(int from, int to, int changes) {

    /**
     * So many changes, as a share of all pieces and holes, are still calm: in dense drawings some
     * pair of lines always lies just so far apart that it touches at one threshold and not at the
     * next.
     */
    private static final double STILL_CALM = 0.015;

    /** A stretch narrower than this (of 255) is no middle to rely on. */
    private static final int LEAST_WIDTH = 28;

    /** A stretch round half way is taken even if another is wider, up to this. */
    private static final double NEARLY_AS_WIDE = 0.75;

    /** Half way from paper to ink, where the edges of ink are truest. */
    private static final double HALF = 127.5;

    /**
     * The widest stretch without changes worth speaking of; where that is very narrow, with as few
     * more as give one that is wide enough.
     *
     * @param changes of the sheet or of a part of it
     * @param structures pieces of ink and holes the sheet or the part has
     * @param low lowest threshold that comes into question
     * @param high highest one
     */
    public static CalmStretch find(List<Change> changes, int structures, int low, int high) {
        int[] levels = changes.stream().mapToInt(Change::level).sorted().toArray();
        int[] bounds = new int[levels.length + 2];
        bounds[0] = low - 1;
        System.arraycopy(levels, 0, bounds, 1, levels.length);
        bounds[bounds.length - 1] = high;
        int allowed = Math.min(levels.length, (int) (structures * STILL_CALM));
        while (true) {
            CalmStretch widest = widest(bounds, allowed);
            if (widest.width() >= Math.min(LEAST_WIDTH, high - low) || allowed >= levels.length) {
                return widest;
            }
            allowed = Math.min(levels.length, allowed + Math.max(1, allowed / 2));
        }
    }

    private static CalmStretch widest(int[] bounds, int allowed) {
        CalmStretch best = null;
        CalmStretch central = null;
        for (int k = 0; k + allowed + 1 < bounds.length; k++) {
            // A change at a level happens just above it.
            CalmStretch stretch = new CalmStretch(bounds[k] + 1, bounds[k + allowed + 1], allowed);
            best = wider(best, stretch);
            if (stretch.from() < HALF && stretch.to() > HALF) {
                central = wider(central, stretch);
            }
        }
        boolean takeCentral = central != null && central.width() >= NEARLY_AS_WIDE * best.width();
        return takeCentral ? central : best;
    }

    private static CalmStretch wider(CalmStretch a, CalmStretch b) {
        return a == null || b.width() > a.width() ? b : a;
    }

    /** How many thresholds it spans. */
    public int width() {
        return to - from;
    }

    /**
     * The threshold to take: half way from paper to ink if that is calm, else the calm one nearest
     * to it, kept off the ends of the stretch.
     */
    public double best() {
        double margin = Math.min(8, width() / 4.0);
        return Math.max(from + margin, Math.min(to - margin, HALF));
    }

    /** {@link #best} as percent of the way from paper to ink. */
    public double bestPercent() {
        return Math.rint(best() / 255 * 1000) / 10;
    }
}
