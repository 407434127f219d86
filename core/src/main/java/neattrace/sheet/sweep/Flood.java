package neattrace.sheet.sweep;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neattrace.progress.Progress;

/**
 * Adds pixels from the highest value down and keeps account of the components of what has been
 * added. The root of a component is its highest pixel, so its value is the component's birth. Close
 * to linear in pixels; one int a pixel and one for each pixel between top and bottom.
 */
final class Flood {

    /** One component that was there for a while; {@code ended} is -1 if it still was at the end. */
    record Life(int began, int beganAt, int ended, int endedAt, long size) {}

    private static final int ABSENT = Integer.MIN_VALUE;
    private static final int OUTSIDE_SIZE = 1 << 29;

    private final byte[] values;
    private final int invert;
    private final int width;
    private final int height;
    private final boolean diagonal;
    private final boolean edgesJoin;
    private final int speckSize;
    private final int leastSize;
    private final int leastLife;

    /** Index of the parent; of a root, its size, negative. */
    private final int[] parent;

    private final List<Life> lives = new ArrayList<>();
    private final int[] components = new int[257];
    private final int[] large = new int[257];
    private int count;
    private int countLarge;

    /**
     * A flood.
     *
     * @param inverted whether the darkest pixel comes last
     * @param diagonal whether pixels that touch at a corner are joined
     * @param edgesJoin whether everything that touches the edge is one and not counted
     * @param speckSize components of fewer pixels are counted as specks
     * @param leastSize lives of components that end with fewer pixels are not told
     * @param leastLife lives of fewer levels are grain
     */
    Flood(
            byte[] values,
            int width,
            int height,
            boolean inverted,
            boolean diagonal,
            boolean edgesJoin,
            int speckSize,
            int leastSize,
            int leastLife) {
        this.values = values;
        this.width = width;
        this.height = height;
        this.invert = inverted ? 255 : 0;
        this.diagonal = diagonal;
        this.edgesJoin = edgesJoin;
        this.speckSize = speckSize;
        this.leastSize = leastSize;
        this.leastLife = leastLife;
        this.parent = new int[values.length + 1];
    }

    private int value(int i) {
        return (values[i] & 0xff) ^ invert;
    }

    /** Components once everything of {@code value} and above is in. */
    int components(int value) {
        return components[value];
    }

    /** The same without specks. */
    int large(int value) {
        return large[value];
    }

    List<Life> lives() {
        return lives;
    }

    /** Adds everything of {@code top} and above at once, then level by level down to bottom. */
    void run(int top, int bottom, Progress progress) {
        Arrays.fill(parent, ABSENT);
        int outside = values.length;
        if (edgesJoin) {
            parent[outside] = -OUTSIDE_SIZE;
        }
        addAbove(top);
        countLarge();
        record(top);
        int[] start = new int[257];
        int[] order = order(top, bottom, start);
        for (int level = top - 1; level >= bottom; level--) {
            for (int k = start[level]; k < start[level + 1]; k++) {
                addOne(order[k], level);
            }
            record(level);
            progress.report("Comparing thresholds", (double) (top - level) / (top - bottom + 1));
        }
        for (int i = 0; i < values.length; i++) {
            if (isRoot(i) && -parent[i] >= leastSize && value(i) - bottom >= leastLife) {
                lives.add(new Life(value(i), i, -1, -1, -parent[i]));
            }
        }
    }

    private boolean isRoot(int i) {
        return parent[i] < 0 && parent[i] != ABSENT;
    }

    private void record(int level) {
        components[level] = count;
        large[level] = countLarge;
    }

    /** Pixels between top and bottom by rising value; {@code start} tells where each begins. */
    private int[] order(int top, int bottom, int[] start) {
        for (int i = 0; i < values.length; i++) {
            int value = value(i);
            if (value < top && value >= bottom) {
                start[value + 1]++;
            }
        }
        for (int value = 1; value < start.length; value++) {
            start[value] += start[value - 1];
        }
        int[] next = start.clone();
        int[] order = new int[start[256]];
        for (int i = 0; i < values.length; i++) {
            int value = value(i);
            if (value < top && value >= bottom) {
                order[next[value]++] = i;
            }
        }
        return order;
    }

    /**
     * Adds all at once, row by row. Of the neighbours that came before only those are joined that
     * are not joined with each other already.
     */
    private void addAbove(int top) {
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                if (value(i) < top) {
                    continue;
                }
                parent[i] = -1;
                count++;
                boolean left = x > 0 && parent[i - 1] != ABSENT;
                boolean above = y > 0 && parent[i - width] != ABSENT;
                boolean aboveLeft = y > 0 && x > 0 && parent[i - width - 1] != ABSENT;
                if (left) {
                    append(i, i - 1);
                }
                if (above && !(left && aboveLeft)) {
                    join(i, i - width);
                }
                if (diagonal && !above) {
                    if (aboveLeft && !left) {
                        join(i, i - width - 1);
                    }
                    if (y > 0 && x + 1 < width && parent[i - width + 1] != ABSENT) {
                        join(i, i - width + 1);
                    }
                }
                if (edgesJoin && isEdge(x, y)) {
                    join(i, values.length);
                }
            }
        }
    }

    /** Puts a lone pixel to a component. What is there from the start has no age to keep. */
    private void append(int i, int j) {
        int root = root(j);
        parent[root]--;
        parent[i] = root;
        count--;
    }

    private boolean isEdge(int x, int y) {
        return x == 0 || y == 0 || x == width - 1 || y == height - 1;
    }

    /** Joins without telling. */
    private void join(int i, int j) {
        int a = root(i);
        int b = root(j);
        if (a != b) {
            link(a, b);
            count--;
        }
    }

    /** The elder becomes the root. */
    private void link(int a, int b) {
        int elder = isElder(a, b) ? a : b;
        int younger = elder == a ? b : a;
        parent[elder] += parent[younger];
        parent[younger] = elder;
    }

    private boolean isElder(int a, int b) {
        int birthA = birth(a);
        int birthB = birth(b);
        return birthA > birthB || birthA == birthB && parent[a] <= parent[b];
    }

    /** The outside was there before everything else. */
    private int birth(int root) {
        return root == values.length ? 256 : value(root);
    }

    private int root(int i) {
        int at = i;
        while (parent[at] >= 0) {
            int up = parent[at];
            if (parent[up] >= 0) {
                parent[at] = parent[up];
            }
            at = up;
        }
        return at;
    }

    private void countLarge() {
        for (int i = 0; i < values.length; i++) {
            if (isRoot(i) && -parent[i] >= speckSize) {
                countLarge++;
            }
        }
    }

    private void addOne(int i, int level) {
        parent[i] = -1;
        count++;
        countLarge += speckSize <= 1 ? 1 : 0;
        int x = i % width;
        int y = i / width;
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                boolean beside = dx == 0 ^ dy == 0 || diagonal && dx != 0 && dy != 0;
                int nx = x + dx;
                int ny = y + dy;
                if (beside && nx >= 0 && ny >= 0 && nx < width && ny < height) {
                    int j = ny * width + nx;
                    if (parent[j] != ABSENT) {
                        meet(i, j, level);
                    }
                }
            }
        }
        if (edgesJoin && isEdge(x, y)) {
            meet(i, values.length, level);
        }
    }

    /** Joins and keeps account of whose life ends. */
    private void meet(int i, int j, int level) {
        int a = root(i);
        int b = root(j);
        if (a == b) {
            return;
        }
        int younger = isElder(a, b) ? b : a;
        int size = -parent[younger];
        boolean bothLarge = -parent[a] >= speckSize && -parent[b] >= speckSize;
        boolean oneLarge = -parent[a] >= speckSize || -parent[b] >= speckSize;
        if (size >= leastSize && birth(younger) - level >= leastLife) {
            lives.add(new Life(birth(younger), younger, level, i, size));
        }
        boolean nowLarge = -(parent[a] + parent[b]) >= speckSize;
        link(a, b);
        count--;
        countLarge += bothLarge ? -1 : !oneLarge && nowLarge ? 1 : 0;
    }
}
