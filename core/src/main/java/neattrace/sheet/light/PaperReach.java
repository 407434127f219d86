package neattrace.sheet.light;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.PriorityQueue;
import java.util.function.IntConsumer;

/** Which tiles are paper: those that are reached from the brightest without a jump. */
final class PaperReach {

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

    /** Tiles at least this bright, against the brightest, are paper to begin with. */
    private static final double SURE = 0.86;

    private final int columns;
    private final int rows;
    private final double[] paper;
    private final boolean[] sharp;

    private PaperReach(int columns, int rows, double[] paper, boolean[] sharp) {
        this.columns = columns;
        this.rows = rows;
        this.paper = paper;
        this.sharp = sharp;
    }

    /**
     * Follows the paper.
     *
     * @param paper the brightness of each tile's paper, or NaN
     * @param sharp whether a sharp edge runs through it
     */
    static boolean[] of(int columns, int rows, double[] paper, boolean[] sharp) {
        return new PaperReach(columns, rows, paper, sharp).find();
    }

    /** A shadow deepens slowly, ink begins with an edge. */
    private boolean isReached(int from, int to) {
        boolean edge = sharp[from] || sharp[to];
        return paper[to] >= (edge ? HARDLY_DARKER : NO_JUMP) * paper[from];
    }

    private boolean[] find() {
        double[] sorted = Arrays.stream(paper).filter(v -> !Double.isNaN(v)).sorted().toArray();
        if (sorted.length == 0) {
            return new boolean[paper.length];
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
        return reached;
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
}
