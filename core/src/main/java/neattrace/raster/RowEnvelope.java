package neattrace.raster;

import java.util.Arrays;

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
            Arrays.fill(
                    values,
                    base + from,
                    base + to,
                    ink ? DistanceTransform.NO_PAPER : DistanceTransform.FAR);
            return;
        }
        int x = from;
        for (int k = 0; k <= top; k++) {
            x = ink ? point(y, k, top, x, from, to) : measure(y, k, top, x, to);
        }
    }

    /** Writes squared distances as far as parabola k is the lowest; where that ends. */
    private int measure(int y, int k, int top, int start, int to) {
        int s = site[k];
        int h = height[k];
        long over = over(k, top, start);
        long step = k < top ? 2L * (site[k + 1] - s) : 0;
        int at = y * width + start;
        int x = start;
        for (; x < to && over <= 0; x++) {
            values[at++] = (x - s) * (x - s) + h;
            over += step;
        }
        return x;
    }

    /** Writes the nearest other pixel as far as parabola k is the lowest; where that ends. */
    private int point(int y, int k, int top, int start, int from, int to) {
        int s = site[k];
        int row = s < from || s >= to ? y : source[s];
        int nearest = -1 - (row * width + s);
        long over = over(k, top, start);
        long step = k < top ? 2L * (site[k + 1] - s) : 0;
        int at = y * width + start;
        int x = start;
        for (; x < to && over <= 0; x++) {
            values[at++] = nearest;
            over += step;
        }
        return x;
    }

    /** By how much parabola k lies over the next one at x; below zero if there is none. */
    private long over(int k, int top, int x) {
        if (k == top) {
            return -1;
        }
        long own = x - site[k];
        long next = x - site[k + 1];
        return own * own + height[k] - next * next - height[k + 1];
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
