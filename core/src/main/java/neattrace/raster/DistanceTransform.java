package neattrace.raster;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * How far paper is from ink, and which paper is nearest to each pixel of ink, by exact Euclidean
 * distance between pixel centres. One int a pixel holds both. Linear in pixels; rows and columns
 * run in parallel.
 */
public final class DistanceTransform {

    /** The distance where there is no ink anywhere. */
    public static final int FAR = Integer.MAX_VALUE;

    private static final int NONE = -1;

    /** The value of ink where there is no paper anywhere. */
    static final int NO_PAPER = Integer.MIN_VALUE;

    /** Rows done together. */
    private static final int BAND = 64;

    /** Columns done together: enough that memory is read in long stretches. */
    private static final int COLUMNS = 512;

    private final InkMap map;

    /** On paper the squared distance; on ink -1 less the index of the nearest paper. */
    private final int[] values;

    private DistanceTransform(InkMap map, int[] values) {
        this.map = map;
        this.values = values;
    }

    /** Computes the transform. */
    public static DistanceTransform of(InkMap map) {
        int width = map.width();
        int height = map.height();
        int[] values = new int[width * height];
        // First the row of the nearest other pixel in the same column, then the best along each
        // row.
        IntStream.range(0, (width + COLUMNS - 1) / COLUMNS)
                .parallel()
                .forEach(
                        band ->
                                columns(
                                        map,
                                        values,
                                        band * COLUMNS,
                                        Math.min(width, (band + 1) * COLUMNS)));
        IntStream.range(0, (height + BAND - 1) / BAND)
                .parallel()
                .forEach(
                        band -> {
                            RowEnvelope row = new RowEnvelope(map, values);
                            int to = Math.min(height, (band + 1) * BAND);
                            for (int y = band * BAND; y < to; y++) {
                                row.settle(y);
                            }
                        });
        return new DistanceTransform(map, values);
    }

    /**
     * Once down and once up, for each column the row of the last pixel that was of another kind.
     */
    private static void columns(InkMap map, int[] rows, int from, int to) {
        int width = map.width();
        int height = map.height();
        byte[] coverage = map.coverage();
        int[] last = new int[to - from];
        Arrays.fill(last, NONE);
        System.arraycopy(last, 0, rows, from, to - from);
        for (int y = 1; y < height; y++) {
            int at = y * width + from;
            for (int k = 0; k < last.length; k++, at++) {
                if ((coverage[at] ^ coverage[at - width]) < 0) {
                    last[k] = y - 1;
                }
                rows[at] = last[k];
            }
        }
        Arrays.fill(last, NONE);
        for (int y = height - 2; y >= 0; y--) {
            int at = y * width + from;
            for (int k = 0; k < last.length; k++, at++) {
                if ((coverage[at] ^ coverage[at + width]) < 0) {
                    last[k] = y + 1;
                }
                int below = last[k];
                int above = rows[at];
                if (below != NONE && (above == NONE || below - y < y - above)) {
                    rows[at] = below;
                }
            }
        }
    }

    /**
     * The squared distance of a paper pixel from the nearest ink, px; {@link #FAR} without any;
     * below zero for an ink pixel.
     */
    public int squared(int index) {
        return values[index];
    }

    /** The paper pixel nearest to an ink pixel, or -1 if there is no paper. */
    public int nearestPaper(int inkIndex) {
        return values[inkIndex] == NO_PAPER ? NONE : -1 - values[inkIndex];
    }

    /**
     * The squared distance of an ink pixel from the nearest paper, px; {@link #FAR} without any.
     */
    public int squaredToPaper(int inkIndex) {
        int paper = nearestPaper(inkIndex);
        if (paper == NONE) {
            return FAR;
        }
        int width = map.width();
        int dx = paper % width - inkIndex % width;
        int dy = paper / width - inkIndex / width;
        return dx * dx + dy * dy;
    }

    /** The ink pixel nearest to a paper pixel (of several the first), or -1 without any. */
    public int nearestInk(int paperIndex) {
        int squared = values[paperIndex];
        if (squared == FAR) {
            return NONE;
        }
        int width = map.width();
        int x = paperIndex % width;
        int y = paperIndex / width;
        int reach = (int) Math.sqrt(squared);
        for (int dy = -reach; dy <= reach; dy++) {
            int dx = (int) Math.round(Math.sqrt(squared - dy * dy));
            if (dx * dx + dy * dy != squared || y + dy < 0 || y + dy >= map.height()) {
                continue;
            }
            if (x - dx >= 0 && map.isInk(x - dx, y + dy)) {
                return paperIndex + dy * width - dx;
            }
            if (x + dx < width && map.isInk(x + dx, y + dy)) {
                return paperIndex + dy * width + dx;
            }
        }
        throw new IllegalStateException("no ink at its distance");
    }
}
