package neattrace.sheet.light;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.Deque;
import java.util.PriorityQueue;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import neattrace.raster.GreySheet;

/** What tiles of the sheet tell about the paper. */
final class PaperEvidence {

    private static final int MOST_TILES_ALONG = 96;
    private static final int LEAST_TILE_PX = 12;

    /** A tile speaks for the paper if it has at least this share of flat pixels. */
    private static final double LEAST_FLAT = 0.04;

    /** Paper does not get darker than this from one tile to the next; ink does. */
    private static final double NO_JUMP = 0.6;

    /** So little darker a tile may be even where sharp edges lie between. */
    private static final double HARDLY_DARKER = 0.8;

    /**
     * What is darker than this beside paper, with an edge between, is ink whatever else it is near.
     */
    private static final double INK = 0.6;

    /** Paper is this much brighter than ink beside it. */
    private static final double INK_BESIDE = 0.72;

    /** Beyond a line, paper is compared with that of so many tiles around. */
    private static final int NEARBY = 5;

    /** Within so many pixels either way light does not change by this share of itself; ink does. */
    private static final int SHARP_PX = 2;

    private static final double SHARP = 0.18;

    /** A tile with an edge has at least this share of sharp pixels. */
    private static final double LEAST_STEEP = 0.012;

    private static final int FEW_STEEP = 4;

    /** A tile whose bright tone covers less than this of it is an edge of ink, not paper. */
    private static final double LEAST_SHARE = 0.18;

    /** Within a tile, what is darker than this share of its bright flat pixels is not paper. */
    private static final double SAME_TONE = 0.72;

    private static final double SAME_TONE_AT_EDGES = 0.88;

    /** Tiles at least this bright, against the brightest, are paper to begin with. */
    private static final double SURE = 0.86;

    /** Of larger tiles only about so many pixels across and down are looked at. */
    private static final int ENOUGH_ALONG = 20;

    private final int columns;
    private final int rows;

    /** Mean brightness of the tile's paper, or NaN. */
    private final double[] paper;

    /** Share of the tile that is paper. */
    private final double[] weight;

    /** Whether an edge runs through the tile that is too sharp for a shadow's. */
    private final boolean[] sharp;

    private PaperEvidence(int columns, int rows) {
        this.columns = columns;
        this.rows = rows;
        this.paper = new double[columns * rows];
        this.weight = new double[columns * rows];
        this.sharp = new boolean[columns * rows];
    }

    static PaperEvidence of(GreySheet sheet, BitSet ignored) {
        int longest = Math.max(sheet.width(), sheet.height());
        double tile = Math.max(LEAST_TILE_PX, (double) longest / MOST_TILES_ALONG);
        int columns = (int) Math.max(1, Math.round(sheet.width() / tile));
        int rows = (int) Math.max(1, Math.round(sheet.height() / tile));
        PaperEvidence evidence = new PaperEvidence(columns, rows);
        int flatness = flatness(sheet);
        IntStream.range(0, rows)
                .parallel()
                .forEach(
                        r -> {
                            for (int c = 0; c < columns; c++) {
                                evidence.measure(sheet, ignored, flatness, c, r);
                            }
                        });
        evidence.keepWhatIsReachedWithoutAJump();
        return evidence;
    }

    /** How far neighbours on flat paper differ, with the scan's grain. */
    private static int flatness(GreySheet sheet) {
        long[] counts = new long[256];
        long total = 0;
        int step = Math.max(1, sheet.height() / 300);
        for (int y = 0; y < sheet.height(); y += step) {
            for (int x = 1; x < sheet.width(); x++) {
                counts[Math.abs(sheet.at(x, y) - sheet.at(x - 1, y))]++;
                total++;
            }
        }
        int median = 0;
        long seen = counts[0];
        while (seen * 2 < total) {
            seen += counts[++median];
        }
        return 3 + 2 * median;
    }

    private void measure(GreySheet sheet, BitSet ignored, int flatness, int c, int r) {
        int x0 = (int) ((long) sheet.width() * c / columns);
        int x1 = (int) ((long) sheet.width() * (c + 1) / columns);
        int y0 = (int) ((long) sheet.height() * r / rows);
        int y1 = (int) ((long) sheet.height() * (r + 1) / rows);
        int step = Math.max(1, Math.min(x1 - x0, y1 - y0) / ENOUGH_ALONG);
        boolean any = !ignored.isEmpty();
        int[] counts = new int[256];
        int flat = 0;
        int steep = 0;
        int area = 0;
        int w = sheet.width();
        byte[] s = sheet.samples();
        for (int y = y0; y < y1; y += step) {
            int up = y > 0 ? -w : w;
            int down = y + 1 < sheet.height() ? w : -w;
            area += (x1 - x0 + step - 1) / step;
            for (int x = x0; x < x1; x += step) {
                int i = y * w + x;
                int v = s[i] & 0xff;
                int left = s[x > 0 ? i - 1 : i] & 0xff;
                int right = s[x + 1 < w ? i + 1 : i] & 0xff;
                boolean single = sheet.height() == 1;
                int above = single ? v : s[i + up] & 0xff;
                int below = single ? v : s[i + down] & 0xff;
                boolean even =
                        Math.abs(v - left) <= flatness
                                && Math.abs(v - right) <= flatness
                                && Math.abs(v - above) <= flatness
                                && Math.abs(v - below) <= flatness;
                if (!even) {
                    steep += isSteep(s, i, x, y, w, sheet.height(), flatness) ? 1 : 0;
                } else if (!(any && ignored.get(i))) {
                    counts[v]++;
                    flat++;
                }
            }
        }
        int at = r * columns + c;
        paper[at] = Double.NaN;
        sharp[at] = steep > Math.max(FEW_STEEP, LEAST_STEEP * area);
        if (flat < LEAST_FLAT * area || flat == 0) {
            return;
        }
        int bright = 255;
        int seen = counts[255];
        while (seen < flat * 0.1 && bright > 0) {
            seen += counts[--bright];
        }
        double sum = 0;
        int count = 0;
        // Beside an edge the tones between ink and paper belong to neither.
        double same = sharp[at] ? SAME_TONE_AT_EDGES : SAME_TONE;
        for (int v = (int) (same * bright); v < 256; v++) {
            sum += (double) v * counts[v];
            count += counts[v];
        }
        if (count < LEAST_SHARE * area) {
            return;
        }
        paper[at] = sum / count;
        weight[at] = (double) count / area;
    }

    private static boolean isSteep(
            byte[] s, int i, int x, int y, int width, int height, int flatness) {
        int across =
                x < SHARP_PX || x + SHARP_PX >= width
                        ? 0
                        : Math.abs((s[i + SHARP_PX] & 0xff) - (s[i - SHARP_PX] & 0xff));
        int far = SHARP_PX * width;
        int down =
                y < SHARP_PX || y + SHARP_PX >= height
                        ? 0
                        : Math.abs((s[i + far] & 0xff) - (s[i - far] & 0xff));
        return Math.max(across, down) > SHARP * (s[i] & 0xff) + 2 * flatness;
    }

    /** A shadow deepens slowly, ink begins with an edge. */
    private boolean isReached(int from, int to) {
        boolean edge = sharp[from] || sharp[to];
        return paper[to] >= (edge ? HARDLY_DARKER : NO_JUMP) * paper[from];
    }

    private void keepWhatIsReachedWithoutAJump() {
        double[] sorted = Arrays.stream(paper).filter(v -> !Double.isNaN(v)).sorted().toArray();
        if (sorted.length == 0) {
            return;
        }
        double brightest = sorted[(int) (0.98 * (sorted.length - 1))];
        boolean[] reached = new boolean[paper.length];
        boolean[] ink = new boolean[paper.length];
        // From the brightest on: what lies beyond an edge there is ink, and is not to be taken for
        // paper from the side of a shadow that is as dark.
        PriorityQueue<Integer> open =
                new PriorityQueue<>(Comparator.comparingDouble((Integer i) -> -paper[i]));
        for (int i = 0; i < paper.length; i++) {
            if (paper[i] >= SURE * brightest) {
                reached[i] = true;
                open.add(i);
            }
        }
        do {
            follow(open, reached, ink);
            spread(ink, reached);
            leapAcross(ink, reached, open);
        } while (!open.isEmpty());
        for (int i = 0; i < paper.length; i++) {
            if (!reached[i]) {
                weight[i] = 0;
            }
        }
    }

    /** From tile to tile as long as no edge is crossed; what lies beyond one is ink. */
    private void follow(PriorityQueue<Integer> open, boolean[] reached, boolean[] ink) {
        while (!open.isEmpty()) {
            int i = open.remove();
            around(
                    i,
                    1,
                    j -> {
                        if (reached[j] || ink[j] || Double.isNaN(paper[j])) {
                            return;
                        }
                        if (isReached(i, j)) {
                            reached[j] = true;
                            open.add(j);
                        } else if (paper[j] < INK * paper[i]) {
                            ink[j] = true;
                        }
                    });
        }
    }

    /** What is as dark as the ink beside it belongs to it. */
    private void spread(boolean[] ink, boolean[] reached) {
        Deque<Integer> open = new ArrayDeque<>();
        for (int i = 0; i < ink.length; i++) {
            if (ink[i]) {
                open.add(i);
            }
        }
        while (!open.isEmpty()) {
            int i = open.remove();
            around(
                    i,
                    1,
                    j -> {
                        double ratio = paper[j] / paper[i];
                        boolean same = ratio > HARDLY_DARKER && ratio < 1 / HARDLY_DARKER;
                        if (same && !reached[j] && !ink[j]) {
                            ink[j] = true;
                            open.add(j);
                        }
                    });
        }
    }

    /** Paper that lines enclose: brighter than the ink, and hardly darker than paper nearby. */
    private void leapAcross(boolean[] ink, boolean[] reached, PriorityQueue<Integer> open) {
        for (int j = 0; j < paper.length; j++) {
            if (reached[j] || ink[j] || Double.isNaN(paper[j])) {
                continue;
            }
            double tone = paper[j];
            double[] brightest = new double[1];
            boolean[] beside = new boolean[1];
            around(j, 1, i -> beside[0] |= ink[i] && tone > paper[i] / INK_BESIDE);
            around(
                    j,
                    NEARBY,
                    i -> brightest[0] = Math.max(brightest[0], reached[i] ? paper[i] : 0));
            if (beside[0] && tone > HARDLY_DARKER * brightest[0] && brightest[0] > 0) {
                reached[j] = true;
                open.add(j);
            }
        }
    }

    private void around(int i, int reach, IntConsumer visit) {
        int c = i % columns;
        int r = i / columns;
        for (int rr = Math.max(0, r - reach); rr <= Math.min(rows - 1, r + reach); rr++) {
            for (int cc = Math.max(0, c - reach); cc <= Math.min(columns - 1, c + reach); cc++) {
                visit.accept(rr * columns + cc);
            }
        }
    }

    /** The smooth surface through the evidence. */
    LightField surface() {
        double sum = 0;
        double total = 0;
        for (int i = 0; i < paper.length; i++) {
            if (weight[i] > 0) {
                sum += weight[i] * paper[i];
                total += weight[i];
            }
        }
        if (total == 0 || sum / total < 1) {
            return LightField.flat();
        }
        double[] start = new double[paper.length];
        for (int i = 0; i < start.length; i++) {
            start[i] = weight[i] > 0 ? paper[i] : sum / total;
        }
        double[] surface = new Surface(columns, rows, weight).solve(start);
        keepWithinReason(surface);
        return new LightField(surface, columns, rows);
    }

    /** Far from any evidence a straight continuation must not run away. */
    private void keepWithinReason(double[] surface) {
        double least = Double.MAX_VALUE;
        double most = 0;
        for (int i = 0; i < paper.length; i++) {
            if (weight[i] > 0) {
                least = Math.min(least, paper[i]);
                most = Math.max(most, paper[i]);
            }
        }
        for (int i = 0; i < surface.length; i++) {
            surface[i] = Math.max(0.7 * least, Math.min(1.05 * most, surface[i]));
        }
    }
}
