package neattrace.trace.centre;

import java.util.BitSet;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;

/** Thins ink to its skeleton. Linear in pixels; needs two ints a pixel and one an ink pixel. */
public final class Thinner {

    /** Whether a pixel with these ink neighbours (bit k for neighbour k) can go. */
    private static final boolean[] CAN_GO = new boolean[256];

    static {
        for (int ring = 0; ring < 256; ring++) {
            CAN_GO[ring] = Integer.bitCount(ring) > 1 && Ring.connectivity(ring) == 1;
        }
    }

    /** North, south, west, east, as places in the ring. */
    private static final int[] SIDES = {6, 2, 4, 0};

    /** Farther from paper than 1024 px pixels go row by row: nobody draws lines that wide. */
    private static final int FARTHEST = 1 << 20;

    private final int width;
    private final int height;
    private final BitSet left;

    private Thinner(int width, int height, BitSet left) {
        this.width = width;
        this.height = height;
        this.left = left;
    }

    /**
     * Thins.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Skeleton thin(InkMap map, Progress progress) {
        int width = map.width();
        int height = map.height();
        progress.report("Measuring the lines", 0);
        DistanceTransform side = DistanceTransform.of(map);
        int[] squared = new int[width * height];
        progress.report("Finding the middle of the lines", 0.5);
        BitSet ink = new BitSet(width * height);
        for (int i = 0; i < squared.length; i++) {
            if (map.isInk(i)) {
                squared[i] = Math.min(side.squaredToPaper(i), FARTHEST);
                ink.set(i);
            }
        }
        Thinner thinner = new Thinner(width, height, ink);
        thinner.peel(squared, progress.part(0.5, 1));
        while (thinner.again()) {
            progress.report("Finding the middle of the lines", 1);
        }
        return new Skeleton(width, height, thinner.left, squared);
    }

    /** Layer by layer, and within a layer side by side, so that no line is eaten from its end. */
    private void peel(int[] squared, Progress progress) {
        int[] order = byDistance(squared, left);
        int[] bare = new int[order.length];
        for (int from = 0; from < order.length; ) {
            int to = from;
            while (to < order.length && squared[order[to]] == squared[order[from]]) {
                to++;
            }
            for (int side : SIDES) {
                int count = 0;
                for (int i = from; i < to; i++) {
                    int ring = Ring.of(left, width, height, order[i]);
                    if (left.get(order[i]) && (ring >> side & 1) == 0 && CAN_GO[ring]) {
                        bare[count++] = order[i];
                    }
                }
                for (int i = 0; i < count; i++) {
                    visit(bare[i]);
                }
            }
            progress.report("Finding the middle of the lines", (double) to / order.length);
            from = to;
        }
    }

    /** Takes away what could go only once its neighbours had. Whether anything did. */
    private boolean again() {
        boolean any = false;
        for (int side : SIDES) {
            BitSet bare = new BitSet();
            for (int i = left.nextSetBit(0); i >= 0; i = left.nextSetBit(i + 1)) {
                int ring = Ring.of(left, width, height, i);
                bare.set(i, (ring >> side & 1) == 0 && CAN_GO[ring]);
            }
            for (int i = bare.nextSetBit(0); i >= 0; i = bare.nextSetBit(i + 1)) {
                any |= visit(i);
            }
        }
        return any;
    }

    private boolean visit(int index) {
        boolean goes = CAN_GO[Ring.of(left, width, height, index)];
        if (goes) {
            left.clear(index);
        }
        return goes;
    }

    /** Ink pixels by rising distance, row by row where it is the same (a counting sort). */
    private static int[] byDistance(int[] squared, BitSet ink) {
        int most = 0;
        for (int value : squared) {
            most = Math.max(most, value);
        }
        int[] start = new int[most + 2];
        for (int value : squared) {
            if (value > 0) {
                start[value + 1]++;
            }
        }
        for (int value = 1; value < start.length; value++) {
            start[value] += start[value - 1];
        }
        int[] order = new int[ink.cardinality()];
        for (int i = ink.nextSetBit(0); i >= 0; i = ink.nextSetBit(i + 1)) {
            order[start[squared[i]]++] = i;
        }
        return order;
    }
}
