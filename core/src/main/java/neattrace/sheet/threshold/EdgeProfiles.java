package neattrace.sheet.threshold;

import java.util.BitSet;
import neattrace.array.Counts;
import neattrace.raster.RunLabels;

/**
 * Follows profiles across the edges of the ink along rows and columns, out to where the paper and
 * in to where the ink is level. Only what hangs together like lines or shapes of a drawing is
 * asked: dust has edges, too, but says nothing about the pen. Close to linear in pixels.
 */
public final class EdgeProfiles {

    /** Profiles are looked at until about so many are found. */
    private static final int ENOUGH = 6_000;

    /** Of so many rows the paper is looked at. */
    private static final int ROWS = 80;

    /** So many columns are followed. */
    private static final int COLUMNS = 100;

    /** Runs of ink are told apart up to this length, px. */
    private static final int WIDEST = 400;

    /** Of the runs along a line of even width drawn in all directions so many are no longer. */
    private static final double RUN_QUANTILE = 0.3;

    private static final int REACH = 12;
    private static final int LEVEL = 3;

    /** Part of the full way below which a step along a profile is level. */
    private static final int STEP = 5;

    /** Along a row or column an edge is followed that runs across it, not beside it. */
    private static final double LEAST_COSINE = 0.8;

    private static final int LEAST_CONTRAST = 60;
    private static final int HALF = 128;

    /** So many edges beside level ink speak for all. */
    private static final int LEAST_LEVEL = 150;

    private static final double LEAST_LEVEL_SHARE = 0.12;

    /** The share of a normal distribution that lies below one standard deviation. */
    private static final double ABOVE = 0.841;

    private static final double TWICE = 0.977;

    private final byte[] darkness;
    private final int width;
    private final int height;

    /** Of profiles that end in level ink: by the sum of both levels, how many. */
    private final long[] halves = new long[511];

    /** By level, how many: of all profiles, and of those that end in level ink. */
    private final long[] papers = new long[256];

    private final long[] inks = new long[256];
    private final long[] levelInks = new long[256];

    /** Blur in hundredths of a pixel. */
    private final long[] blurs = new long[4000];

    /** Lengths of runs of ink along rows and down columns, in tenths. */
    private final long[] runs = new long[10 * WIDEST + 1];

    private int edges;
    private int level;

    private EdgeProfiles(ToneMap tone) {
        this.darkness = tone.darkness();
        this.width = tone.width();
        this.height = tone.height();
    }

    /**
     * Measures a sheet.
     *
     * @param dustPx pieces of fewer pixels are not asked
     */
    public static EdgeLevels measure(ToneMap tone, int dustPx) {
        EdgeProfiles profiles = new EdgeProfiles(tone);
        RunLabels ink =
                RunLabels.of(tone.darkness(), tone.width(), tone.height(), HALF, true, true);
        BitSet asked = DrawnPieces.of(ink, dustPx);
        if (asked.isEmpty()) {
            return EdgeLevels.ASSUMED;
        }
        profiles.followRows(ink, asked);
        profiles.followColumns(ink, asked);
        return profiles.levels();
    }

    private void followRows(RunLabels ink, BitSet asked) {
        long[] total = new long[1];
        ink.forEachRun(
                (y, from, to, piece) -> {
                    if (asked.get(piece)) {
                        total[0] += 2;
                    }
                });
        int every = (int) Math.max(1, total[0] / ENOUGH);
        for (int y = 0; y < height; y += every) {
            ink.forEachRun(
                    y,
                    y + 1,
                    (row, from, to, piece) -> {
                        if (asked.get(piece)) {
                            count(row * width + from, row * width + to - 1, 1, every);
                            follow(row * width + from, -1, from, width - 1 - from);
                            follow(row * width + to - 1, 1, width - to, to - 1);
                        }
                    });
        }
    }

    /**
     * Row by row, so that memory is read in one stretch; each column keeps count of its own run.
     */
    private void followColumns(RunLabels ink, BitSet asked) {
        int every = Math.max(1, width / COLUMNS);
        int[] run = new int[width / every + 1];
        for (int y = 0; y + 1 < height; y++) {
            for (int x = every / 2, k = 0; x < width; x += every, k++) {
                int at = y * width + x;
                boolean here = darkness[at] < 0;
                run[k] = here ? run[k] + 1 : 0;
                if (here == darkness[at + width] < 0 || !asked.get(ink.at(x, here ? y : y + 1))) {
                    continue;
                }
                if (here) {
                    count(at - (run[k] - 1) * width, at, width, every);
                    follow(at, width, height - 1 - y, y);
                } else {
                    follow(at + width, -width, y + 1, height - 2 - y);
                }
            }
        }
    }

    /** Counts a run by its length between the places where it is half dark. */
    private void count(int first, int last, int step, int weight) {
        if (first < step || last + step >= darkness.length) {
            return;
        }
        double length = (last - first) / step + beyond(first, -step) + beyond(last, step);
        runs[(int) Math.min(10 * WIDEST, Math.round(10 * length))] += weight;
    }

    /** From the outermost pixel of ink to where it is half dark. */
    private double beyond(int at, int out) {
        double inside = value(at);
        double outside = value(at + out);
        return (inside - HALF) / Math.max(1, inside - outside);
    }

    /**
     * Follows one profile.
     *
     * @param at the outermost pixel of ink
     * @param out the way to the paper
     * @param roomOut how many pixels there are that way
     * @param roomIn how many there are the other way
     */
    private void follow(int at, int out, int roomOut, int roomIn) {
        int x = at % width;
        int y = at / width;
        if (roomOut < LEVEL || x == 0 || y == 0 || x == width - 1 || y == height - 1) {
            return;
        }
        double along = (value(at) - value(at + out));
        int aside = out == 1 || out == -1 ? width : 1;
        double turn = (value(at + aside) - value(at - aside)) / 2.0;
        if (along <= 0 || along < LEAST_COSINE * Math.hypot(along, turn)) {
            return;
        }
        long paper = walk(at, out, roomOut, -1);
        long dark = walk(at, -out, roomIn, 1);
        int low = (int) (paper >> 1);
        int high = (int) (dark >> 1);
        if (high - low < LEAST_CONTRAST || (paper & 1) == 0) {
            return;
        }
        edges++;
        papers[low]++;
        inks[high]++;
        double steep = Math.hypot(along, turn);
        blurs[(int) Math.min(3999, 100 * (high - low) / (steep * Math.sqrt(2 * Math.PI)))]++;
        if ((dark & 1) != 0) {
            level++;
            levelInks[value(at - LEVEL * out)]++;
            halves[low + high]++;
        }
    }

    /** The level a profile comes to, times two; plus one if it stays there. */
    private long walk(int at, int step, int room, int sign) {
        int best = value(at);
        int since = 0;
        int sum = 0;
        int reach = Math.min(room, REACH);
        for (int k = 1; k <= reach; k++) {
            int value = value(at + k * step);
            if (sign * (value - best) > STEP) {
                best = value;
                since = 0;
                sum = 0;
                continue;
            }
            if (sign * (best - value) > 4 * STEP) {
                break;
            }
            sum += value;
            since++;
            if (since == LEVEL) {
                return 2L * Math.round((best + sum) / (LEVEL + 1f)) + 1;
            }
        }
        return 2L * best;
    }

    private int value(int at) {
        return darkness[at] & 0xff;
    }

    private EdgeLevels levels() {
        if (edges == 0) {
            return EdgeLevels.ASSUMED;
        }
        double blur = (Counts.quantile(blurs, 0.5) + 0.5) / 100.0;
        boolean enough = level >= LEAST_LEVEL || level >= LEAST_LEVEL_SHARE * edges;
        double pen = penPx();
        double half = Counts.quantile(halves, 0.5) / 2.0;
        if (!enough) {
            double paper = Counts.quantile(papers, 0.5);
            double peak = Counts.quantile(inks, 0.5) - paper;
            half = paper + FineLine.contrast(peak, HALF - paper, pen, blur) / 2;
        }
        long[] dark = enough ? levelInks : inks;
        return new EdgeLevels(
                half,
                blur,
                paperSpread(half),
                Counts.quantile(dark, 0.5) - Counts.quantile(dark, 1 - ABOVE),
                pen,
                edges);
    }

    /** A line's shorter runs go straight across it, one way or the other. */
    private double penPx() {
        return Math.max(1, Counts.quantile(runs, RUN_QUANTILE) / 10.0);
    }

    /** Stains and grain all over the sheet. */
    private double paperSpread(double half) {
        long[] counts = new long[256];
        int every = Math.max(1, height / ROWS);
        for (int y = 0; y < height; y += every) {
            for (int at = y * width; at < (y + 1) * width; at++) {
                int value = value(at);
                counts[value] += value < half ? 1 : 0;
            }
        }
        double usual = Counts.quantile(counts, 0.5);
        return Math.max(
                Counts.quantile(counts, ABOVE) - usual,
                (Counts.quantile(counts, TWICE) - usual) / 2);
    }
}
