package neattrace.goods.nest;

import java.util.Arrays;

/** Cells of a sheet, taken or free; what is off it is taken. Not thread-safe while it changes. */
final class CellGrid {

    final int width;
    final int height;
    private final byte[] taken;

    /** For each cell the last taken one of its row up to it, and how many are taken before it. */
    private final int[] last;

    private final int[] count;

    /** For each cell the first taken one of its row from it on; the width if there is none. */
    private final int[] next;

    CellGrid(int width, int height) {
        this.width = width;
        this.height = height;
        this.taken = new byte[width * height];
        this.last = new int[width * height];
        this.count = new int[(width + 1) * height];
        this.next = new int[width * height];
        Arrays.fill(last, -1);
        Arrays.fill(next, width);
    }

    void take(Mask mask, int x, int y, boolean take) {
        int before = -1;
        for (int i = 0; i < mask.size(); i++) {
            int row = y + mask.row[i];
            if (row < 0 || row >= height) {
                continue;
            }
            if (before >= 0 && row != before) {
                index(before);
            }
            before = row;
            int from = Math.max(0, x + mask.from[i]);
            int to = Math.min(width - 1, x + mask.to[i]);
            if (from <= to) {
                Arrays.fill(taken, row * width + from, row * width + to + 1, (byte) (take ? 1 : 0));
            }
        }
        if (before >= 0) {
            index(before);
        }
    }

    boolean isTaken(int x, int y) {
        return taken[y * width + x] != 0;
    }

    private void index(int row) {
        int seen = -1;
        int sum = 0;
        for (int x = 0; x < width; x++) {
            if (taken[row * width + x] != 0) {
                seen = x;
                sum++;
            }
            last[row * width + x] = seen;
            count[row * (width + 1) + x + 1] = sum;
        }
        int coming = width;
        for (int x = width - 1; x >= 0; x--) {
            coming = taken[row * width + x] != 0 ? x : coming;
            next[row * width + x] = coming;
        }
    }

    /**
     * Where a mask has to move to on the right to leave what it meets behind; x itself if it lies
     * free, {@code width} or more if there is no such place.
     */
    int free(Mask mask, int x, int y) {
        for (int i = 0; i < mask.size(); i++) {
            int row = y + mask.row[i];
            int from = x + mask.from[i];
            int to = x + mask.to[i];
            if (row < 0 || row >= height || to >= width) {
                return width;
            }
            if (from < 0) {
                return x - from;
            }
            int met = last[row * width + to];
            if (met >= from) {
                return met + 1 - mask.from[i];
            }
        }
        return x;
    }

    /** How far a mask that lies free can move to the right before it meets anything. */
    int way(Mask mask, int x, int y) {
        int way = width;
        for (int i = 0; i < mask.size(); i++) {
            int to = x + mask.to[i];
            way = Math.min(way, next[(y + mask.row[i]) * width + to] - to - 1);
        }
        return way;
    }

    /** How many cells under a mask are taken or off the sheet. */
    int contact(Mask mask, int x, int y) {
        int sum = 0;
        for (int i = 0; i < mask.size(); i++) {
            int row = y + mask.row[i];
            int from = x + mask.from[i];
            int to = x + mask.to[i];
            if (row < 0 || row >= height) {
                sum += to - from + 1;
                continue;
            }
            int left = Math.max(0, from);
            int right = Math.min(width - 1, to);
            sum += to - from - Math.max(-1, right - left);
            if (left <= right) {
                int at = row * (width + 1);
                sum += count[at + right + 1] - count[at + left];
            }
        }
        return sum;
    }
}
