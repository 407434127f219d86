package neattrace.sheet.ink;

import neattrace.raster.EightPixels;
import neattrace.raster.InkMap;

/** Mends fine slits. One pass over the pixels; only edges cost more than a glance. */
public final class SlitMender {

    /** Half of the neighbourhood that tells whether a slit runs in ink, px. */
    private static final int AROUND = 3;

    /** Mean coverage of the neighbourhood from which on ink is the ground. */
    private static final double GROUND = 0.6 * 255;

    /** Paper of less coverage than this is clear. */
    private static final int CLEAR = 85;

    /** A bead has at most so many pixels. */
    private static final int MOST_BEAD = 6;

    private final byte[] coverage;
    private final int width;
    private final int height;
    private final int[] bead = new int[MOST_BEAD];

    private SlitMender(InkMap map) {
        this.coverage = map.coverage();
        this.width = map.width();
        this.height = map.height();
    }

    /**
     * Mends in place.
     *
     * @param clean whether coverage tells how clear paper is: on pictures of only black and white,
     *     on scans and on photos it does not, and no bead is filled
     * @return how many pixels were changed
     */
    public static int mend(InkMap map, boolean clean) {
        SlitMender mender = new SlitMender(map);
        return mender.open() + (clean ? mender.fill() : 0);
    }

    /** Opens saddles between paper that ink surrounds. */
    private int open() {
        int opened = 0;
        for (int y = 0; y + 1 < height; y++) {
            int row = y * width;
            for (int x = 0; x + 1 < width; x++) {
                int i = row + x;
                // Where a row is like the next one nothing meets at a corner.
                while (x + 9 < width && isLikeNext(i)) {
                    x += 8;
                    i += 8;
                }
                // Bytes below zero are 128 and more: ink.
                boolean ink = coverage[i] < 0;
                if (ink == coverage[i + 1] < 0
                        || ink == coverage[i + width] < 0
                        || ink != coverage[i + width + 1] < 0) {
                    continue;
                }
                int first = ink ? i : i + 1;
                int second = ink ? i + width + 1 : i + width;
                if (isInInk(x, y)) {
                    boolean firstFainter = (coverage[first] & 0xff) <= (coverage[second] & 0xff);
                    coverage[firstFainter ? first : second] = (byte) (InkMap.INK - 1);
                    opened++;
                }
            }
        }
        return opened;
    }

    /** Whether eight pixels are each of the kind of the one below. */
    private boolean isLikeNext(int i) {
        long rows = EightPixels.read(coverage, i) ^ EightPixels.read(coverage, i + width);
        return (rows & EightPixels.HIGH) == 0;
    }

    private boolean isInInk(int x, int y) {
        int x0 = Math.max(0, x + 1 - AROUND);
        int y0 = Math.max(0, y + 1 - AROUND);
        int x1 = Math.min(width, x + 1 + AROUND);
        int y1 = Math.min(height, y + 1 + AROUND);
        int sum = 0;
        for (int yy = y0; yy < y1; yy++) {
            for (int xx = x0; xx < x1; xx++) {
                sum += coverage[yy * width + xx] & 0xff;
            }
        }
        return sum >= GROUND * (x1 - x0) * (y1 - y0);
    }

    /** Fills beads without clear paper. */
    private int fill() {
        int filled = 0;
        for (int i = 0; i < coverage.length; i++) {
            while (i + 8 < coverage.length && isClear(i)) {
                i += 8;
            }
            if (coverage[i] >= CLEAR) {
                int size = bead(i);
                for (int k = 0; k < size; k++) {
                    coverage[bead[k]] = (byte) InkMap.INK;
                }
                filled += size;
            }
        }
        return filled;
    }

    /** Whether eight pixels are all ink or clear paper. */
    private boolean isClear(int i) {
        long eight = EightPixels.read(coverage, i);
        return (EightPixels.atLeast(eight, CLEAR) & ~eight & EightPixels.HIGH) == 0;
    }

    /** Collects the stretch of paper round a pixel; 0 if it is large or shows clear paper. */
    private int bead(int start) {
        int size = 1;
        bead[0] = start;
        for (int k = 0; k < size; k++) {
            int at = bead[k];
            int x = at % width;
            if (x == 0 || x == width - 1 || at < width || at >= coverage.length - width) {
                return 0;
            }
            for (int side = 0; side < 4; side++) {
                int next = side < 2 ? at - 1 + 2 * side : at + (2 * side - 5) * width;
                if (coverage[next] < 0) {
                    continue;
                }
                if (coverage[next] < CLEAR) {
                    return 0;
                }
                if (!isListed(next, size)) {
                    if (size == MOST_BEAD) {
                        return 0;
                    }
                    bead[size++] = next;
                }
            }
        }
        return size;
    }

    private boolean isListed(int pixel, int size) {
        for (int k = 0; k < size; k++) {
            if (bead[k] == pixel) {
                return true;
            }
        }
        return false;
    }
}
