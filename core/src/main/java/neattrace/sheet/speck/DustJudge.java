package neattrace.sheet.speck;

import java.util.stream.IntStream;
import neattrace.array.IntList;
import neattrace.sheet.threshold.EdgeLevels;
import neattrace.sheet.threshold.ToneMap;

/**
 * Weighs what tells dust from the dots of a pen. Each sign adds to a score as a logarithm of odds
 * would (naive Bayes; the weights are our own, no source): above zero a piece belongs to the
 * drawing. No sign decides by itself, size as little as the others.
 */
final class DustJudge implements Judge {

    /** A dot of a pen is about as large as its line is wide; dust of this share of it is even. */
    private static final double EVEN_SIZE = 0.62;

    /** Holes are compared with lines of at most this width, or a quarter of the pen's. */
    private static final double EVEN_HOLE_PX = 9;

    private static final double SIZE_WEIGHT = 5;
    private static final double MOST_FOR_SIZE = 3.5;

    /** Ink of this share of the usual darkness is even. */
    private static final double EVEN_DARKNESS = 0.84;

    private static final double DARKNESS_WEIGHT = 12;

    /** What is so many times as long as wide, and longer than a line is wide, is no dust. */
    private static final double LONG = 2.6;

    private static final double FOR_LONG = 5;
    private static final double REACH_DIAMETERS = 10;
    private static final double MOST_RATIO = 1.7;
    private static final int SAME_DARKNESS = 30;

    /** Levels of darkness counted together. */
    private static final int BIN = 30;

    /** On pictures without grain what is small was put there. */
    private static final double CLEAN_PRIOR = 2;

    private final SmallPieces pieces;
    private final ToneMap tone;
    private final EdgeLevels edges;
    private final double pen;
    private final Surroundings place;
    private final boolean ink;
    private final int[] peak;
    private final double prior;
    private final double even;
    private final NearGrid grid;
    private final double cell;

    /** Areas by darkness, sorted. */
    private final long[][] areas = new long[256 / BIN + 1][];

    /**
     * A judge.
     *
     * @param pieces small pieces of ink, or of paper in ink
     * @param ink which of both
     * @param penPx how wide lines are
     * @param place what the place of a piece tells
     * @param clean whether the picture has no grain at all
     */
    DustJudge(
            SmallPieces pieces,
            ToneMap tone,
            EdgeLevels edges,
            double penPx,
            Surroundings place,
            boolean ink,
            boolean clean) {
        this.pieces = pieces;
        this.tone = tone;
        this.edges = edges;
        this.place = place;
        this.ink = ink;
        this.peak = new int[pieces.count()];
        this.pen = penPx;
        // Where thick lines cross, paper stays open that is finer than they are.
        this.even = EVEN_SIZE * (ink ? pen : Math.min(pen, Math.max(EVEN_HOLE_PX, pen / 4)));
        this.cell = Math.max(4, REACH_DIAMETERS * pen);
        this.grid = new NearGrid(pieces.x, pieces.y, cell);
        int tiny = 0;
        for (int k = 0; k < peak.length; k++) {
            peak[k] = peak(k);
            tiny += pieces.diameterPx(k) < even ? 1 : 0;
        }
        for (int b = 0; b < areas.length; b++) {
            int bin = b;
            areas[b] =
                    IntStream.range(0, peak.length)
                            .filter(k -> peak[k] / BIN == bin)
                            .mapToLong(k -> pieces.area[k])
                            .sorted()
                            .toArray();
        }
        this.prior = clean ? CLEAN_PRIOR : !ink ? 0 : tiny == 0 ? 1 : -0.4 * Math.log1p(tiny);
    }

    private int peak(int k) {
        int reach = (int) Math.ceil(pieces.lengthPx(k) / 2);
        int best = 0;
        int x1 = Math.min(tone.width() - 1, (int) pieces.x[k] + reach);
        int y1 = Math.min(tone.height() - 1, (int) pieces.y[k] + reach);
        for (int y = Math.max(0, (int) pieces.y[k] - reach); y <= y1; y++) {
            for (int x = Math.max(0, (int) pieces.x[k] - reach); x <= x1; x++) {
                best = Math.max(best, ink ? tone.at(x, y) : 255 - tone.at(x, y));
            }
        }
        return best;
    }

    @Override
    public double score(int k) {
        double score = prior + forSize(k) + forDarkness(k) + forShape(k) + forCompany(k);
        return score + place.score(pieces, k);
    }

    private double forSize(int k) {
        double score = SIZE_WEIGHT * Math.log(pieces.diameterPx(k) / even);
        return Math.max(-4.5, Math.min(MOST_FOR_SIZE, score));
    }

    /** Against what blur leaves of a dot of full ink of that size. */
    private double forDarkness(int k) {
        double d = pieces.diameterPx(k);
        double blur = Math.max(0.3, edges.blurPx());
        double full = 255 - edges.inkSpread();
        double expected = full * (1 - Math.exp(-d * d / (8 * blur * blur)));
        double share = peak[k] / Math.max(140, expected);
        double texture = 1 + 3 * edges.inkSpread() / 255;
        double score = DARKNESS_WEIGHT / texture * (share - EVEN_DARKNESS);
        return Math.max(-4, Math.min(0.8, score));
    }

    private double forShape(int k) {
        double length = pieces.lengthPx(k);
        double across = pieces.area[k] / length;
        boolean isLong = length >= LONG * across && length >= Math.max(5, 1.2 * pen);
        return isLong ? FOR_LONG : 0;
    }

    /** Others like it nearby, against how many chance alone would put there. */
    private double forCompany(int k) {
        double reach = Math.min(cell, REACH_DIAMETERS * pieces.diameterPx(k));
        int near = 0;
        int around = 0;
        IntList others = grid.around(k);
        for (int n = 0; n < others.size(); n++) {
            int j = others.get(n);
            if (isAlike(j, k)) {
                around++;
                near += grid.distance(j, k) <= reach ? 1 : 0;
            }
        }
        double all = Math.max(around, alike(k));
        double sheet = (double) tone.width() * tone.height();
        double chance = all * Math.PI * reach * reach / sheet;
        double score = Math.log((near + 0.35) / (Math.min(near + 1, chance) + 0.35));
        return Math.max(-1, Math.min(3, 1.3 * score));
    }

    /** How many of about its size and darkness there are on the sheet. */
    private int alike(int k) {
        int alike = -1;
        int bin = peak[k] / BIN;
        for (int b = Math.max(0, bin - 1); b <= Math.min(areas.length - 1, bin + 1); b++) {
            alike += below(areas[b], pieces.area[k] * MOST_RATIO);
            alike -= below(areas[b], pieces.area[k] / MOST_RATIO);
        }
        return Math.max(0, alike);
    }

    private static int below(long[] sorted, double limit) {
        int low = 0;
        int high = sorted.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (sorted[middle] < limit) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private boolean isAlike(int j, int k) {
        double ratio = (double) pieces.area[j] / pieces.area[k];
        return ratio <= MOST_RATIO
                && ratio >= 1 / MOST_RATIO
                && Math.abs(peak[j] - peak[k]) <= SAME_DARKNESS;
    }
}
