package neattrace.raster.distance;

import java.util.Arrays;
import neattrace.raster.InkMap;

/**
 * Turns rows of nearest pixels along the columns into distances. Beyond the ends of a stretch of
 * one kind nothing can be nearer than the pixel next to it, so each stretch has its own envelope.
 * Not thread-safe.
 */
final class RowEnvelope {

    private final int width;
    private final byte[] coverage;
    private final int[] values;

    /** Columns whose parabolas make up the envelope, from the left, and how high these start. */
    private final int[] site;

    private final int[] height;

    private final int[] source;

    RowEnvelope(InkMap map, int[] values) {
        this.width = map.width();
        this.coverage = map.coverage();
        this.values = values;
        this.site = new int[width + 2];
        this.height = new int[width + 2];
        this.source = new int[width];
    }

    void settle(int y) {
        int base = y * width;
        System.arraycopy(values, base, source, 0, width);
        for (int from = 0; from < width; ) {
            boolean ink = coverage[base + from] < 0;
            int to = from + 1;
            while (to < width && coverage[base + to] < 0 == ink) {
                to++;
            }
            stretch(y, from, to, ink);
            from = to;
        }
    }

    private void stretch(int y, int from, int to, boolean ink) {
        int top = -1;
        if (from > 0) {
            top = push(top, from - 1, 0);
        }
        boolean held = from > 0 && to < width;
        for (int x = from; x < to; x++) {
            if (source[x] >= 0) {
                long dy = source[x] - y;
                // Where both ends are nearer than this all along, it is not even tried.
                if (!held || dy * dy < (long) (x - from + 1) * (to - x)) {
                    top = push(top, x, (int) (dy * dy));
                }
            }
        }
        if (to < width) {
            top = push(top, to, 0);
        }
        int base = y * width;
        if (top < 0) {
            Arrays.fill(values, base + from, base + to, ink ? OtherSide.NO_PAPER : OtherSide.FAR);
            return;
        }
        int k = 0;
        for (int x = from; x < to; x++) {
            int squared = squared(k, x);
            while (k < top) {
                int next = squared(k + 1, x);
                if (next >= squared) {
                    break;
                }
                squared = next;
                k++;
            }
            int s = site[k];
            if (ink) {
                int row = s < from || s >= to ? y : source[s];
                values[base + x] = -1 - (row * width + s);
            } else {
                values[base + x] = squared;
            }
        }
    }

    private int squared(int k, int x) {
        return (x - site[k]) * (x - site[k]) + height[k];
    }

    /** Puts a parabola on the envelope; those it hides are taken off. */
    private int push(int last, int x, int value) {
        int top = last;
        while (top > 0 && isHidden(top, x, value)) {
            top--;
        }
        top++;
        site[top] = x;
        height[top] = value;
        return top;
    }

    /**
     * Whether the topmost parabola is nowhere lower than both the one before it and the one over x.
     * Multiplied out, so that nothing is divided.
     */
    private boolean isHidden(int top, int x, int value) {
        long a = site[top] - site[top - 1];
        long b = x - site[top];
        long c = a + b;
        return c * height[top] - b * height[top - 1] - a * value - a * b * c > 0;
    }
}
