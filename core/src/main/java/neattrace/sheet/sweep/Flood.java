package neattrace.sheet.sweep;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import neattrace.progress.Progress;
import neattrace.raster.label.RunLabels;

/**
 * Adds pixels from the highest value down and keeps account of the components of what has been
 * added. The root of a component is its highest pixel, so its value is the component's birth. Close
 * to linear in pixels; one int a pixel and one for each pixel between top and bottom.
 */
final class Flood {

    /** One component that was there for a while; {@code ended} is -1 if it still was at the end. */
    record Life(int began, int beganAt, int ended, int endedAt, long size) {}

    /** What is not in yet: what an array holds from the start. */
    private static final int ABSENT = 0;

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

    /** One more than the index of the parent; of a root, its size, negative. */
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
        if (edgesJoin) {
            parent[values.length] = -OUTSIDE_SIZE;
        }
        int[] first = addAbove(top);
        record(top);
        ByValue between = ByValue.of(values, invert != 0, bottom, top);
        for (int level = top - 1; level >= bottom; level--) {
            for (int k = between.start(level); k < between.start(level + 1); k++) {
                addOne(between.pixels()[k], level);
            }
            record(level);
            progress.report("Comparing thresholds", (double) (top - level) / (top - bottom + 1));
        }
        endure(first, bottom);
        endure(between.pixels(), bottom);
    }

    /** Tells the lives of those that are still there at the end. */
    private void endure(int[] pixels, int bottom) {
        for (int i : pixels) {
            if (isRoot(i) && -parent[i] >= leastSize && value(i) - bottom >= leastLife) {
                lives.add(new Life(value(i), i, -1, -1, -parent[i]));
            }
        }
    }

    private boolean isRoot(int i) {
        return parent[i] < 0;
    }

    private void record(int level) {
        components[level] = count;
        large[level] = countLarge;
    }

    /** Adds all at once; the root of each component, its highest pixel. */
    private int[] addAbove(int top) {
        boolean above = invert == 0;
        RunLabels runs =
                RunLabels.of(values, width, height, above ? top : 256 - top, above, diagonal);
        int[] highest = highest(runs);
        BitSet atEdge = new BitSet();
        runs.forEachRun(
                (y, from, to, label) -> {
                    Arrays.fill(parent, y * width + from, y * width + to, highest[label] + 1);
                    if (from == 0 || to == width || y == 0 || y == height - 1) {
                        atEdge.set(label);
                    }
                });
        count = highest.length;
        for (int label = 0; label < highest.length; label++) {
            parent[highest[label]] = (int) -runs.size(label);
            if (edgesJoin && atEdge.get(label)) {
                join(highest[label], values.length);
            } else if (runs.size(label) >= speckSize) {
                countLarge++;
            }
        }
        return highest;
    }

    /** The highest pixel of each component, the first of several. */
    private int[] highest(RunLabels runs) {
        int[] highest = new int[runs.count()];
        Arrays.fill(highest, -1);
        runs.forEachRun(
                (y, from, to, label) -> {
                    int best = highest[label];
                    int most = best < 0 ? -1 : value(best);
                    for (int i = y * width + from; most < 255 && i < y * width + to; i++) {
                        if (value(i) > most) {
                            most = value(i);
                            best = i;
                        }
                    }
                    highest[label] = best;
                });
        return highest;
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
        parent[younger] = elder + 1;
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
        while (parent[at] > 0) {
            int up = parent[at] - 1;
            if (parent[up] > 0) {
                parent[at] = parent[up];
            }
            at = up;
        }
        return at;
    }

    /**
     * Adds a pixel. Neighbours that are joined with each other already, being neighbours too, are
     * met once.
     */
    private void addOne(int i, int level) {
        parent[i] = -1;
        count++;
        countLarge += speckSize <= 1 ? 1 : 0;
        int x = i % width;
        int y = i / width;
        boolean west = x > 0;
        boolean east = x < width - 1;
        boolean north = y > 0;
        boolean south = y < height - 1;
        boolean up = north && isIn(i - width);
        boolean right = east && isIn(i + 1);
        boolean down = south && isIn(i + width);
        boolean left = west && isIn(i - 1);
        boolean upRight = north && east && isIn(i - width + 1);
        boolean downRight = south && east && isIn(i + width + 1);
        boolean downLeft = south && west && isIn(i + width - 1);
        boolean upLeft = north && west && isIn(i - width - 1);
        if (up) {
            meet(i, i - width, level);
        }
        if (right && !(up && (diagonal || upRight))) {
            meet(i, i + 1, level);
        }
        if (down && !(right && (diagonal || downRight))) {
            meet(i, i + width, level);
        }
        if (left && !(down && (diagonal || downLeft)) && !(up && (diagonal || upLeft))) {
            meet(i, i - 1, level);
        }
        if (diagonal) {
            meetCorner(upRight && !up && !right, i, i - width + 1, level);
            meetCorner(downRight && !down && !right, i, i + width + 1, level);
            meetCorner(downLeft && !down && !left, i, i + width - 1, level);
            meetCorner(upLeft && !up && !left, i, i - width - 1, level);
        }
        if (edgesJoin && isEdge(x, y)) {
            meet(i, values.length, level);
        }
    }

    private boolean isIn(int i) {
        return parent[i] != ABSENT;
    }

    private void meetCorner(boolean alone, int i, int j, int level) {
        if (alone) {
            meet(i, j, level);
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
