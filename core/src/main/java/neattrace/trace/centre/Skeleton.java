package neattrace.trace.centre;

import java.util.BitSet;

/**
 * Lines of ink one pixel thick, 8-connected, with the same pieces and holes as the ink. The bits
 * and the distances are handed over, not copied, and must not be written to.
 *
 * @param width columns
 * @param height rows
 * @param pixels the indices (row times width plus column) that belong to it
 * @param squared squared distance of every pixel to the nearest paper pixel, px2, 0 on paper
 */
public record Skeleton(int width, int height, BitSet pixels, int[] squared) {

    /** Whether a pixel belongs to the skeleton; everything outside does not. */
    public boolean at(int x, int y) {
        return x >= 0 && y >= 0 && x < width && y < height && pixels.get(y * width + x);
    }

    /**
     * How many separate ways lead on from a pixel: 1 at an end, 2 along a line, 3 where it forks.
     */
    public int ways(int index) {
        return Ring.ways(Ring.of(pixels, width, height, index));
    }

    /** How far the edge of the ink lies from a pixel's centre, about, px. */
    public double radius(int index) {
        return Math.max(0.5, Math.sqrt(squared[index]) - 0.5);
    }
}
