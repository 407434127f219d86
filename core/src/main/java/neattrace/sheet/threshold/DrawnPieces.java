package neattrace.sheet.threshold;

import java.util.Arrays;
import java.util.BitSet;
import neattrace.raster.RunLabels;

/** Which pieces of ink are lines or shapes of a drawing beyond doubt. */
final class DrawnPieces {

    /** A line is so many times as long as it is wide. */
    private static final double LONG = 3;

    /** A shape has at least this share of the largest one's ink. */
    private static final double LARGE = 0.05;

    private DrawnPieces() {}

    /**
     * Those that are long or large; all that are no dust if none is.
     *
     * @param dustPx pieces of fewer pixels are none
     */
    static BitSet of(RunLabels ink, int dustPx) {
        int count = ink.count();
        int[] left = new int[count];
        int[] right = new int[count];
        int[] top = new int[count];
        int[] bottom = new int[count];
        Arrays.fill(left, Integer.MAX_VALUE);
        Arrays.fill(top, -1);
        ink.forEachRun(
                (y, from, to, piece) -> {
                    left[piece] = Math.min(left[piece], from);
                    right[piece] = Math.max(right[piece], to);
                    top[piece] = top[piece] < 0 ? y : top[piece];
                    bottom[piece] = y + 1;
                });
        long largest = 0;
        for (int piece = 0; piece < count; piece++) {
            largest = Math.max(largest, ink.size(piece));
        }
        BitSet drawn = new BitSet();
        BitSet noDust = new BitSet();
        for (int piece = 0; piece < count; piece++) {
            long size = ink.size(piece);
            if (size < dustPx) {
                continue;
            }
            noDust.set(piece);
            double extent = Math.max(right[piece] - left[piece], bottom[piece] - top[piece]);
            boolean isLong = extent * extent >= LONG * size && extent * extent >= 4 * LONG * dustPx;
            if (isLong || size >= LARGE * largest) {
                drawn.set(piece);
            }
        }
        return drawn.isEmpty() ? noDust : drawn;
    }
}
