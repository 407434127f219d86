package neattrace.sheet.sweep;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import neattrace.raster.EightPixels;
import neattrace.raster.RunLabels;
import neattrace.stage.Progress;

/**
 * Adds pixels from the highest value down and keeps account of the components of what has been
 * added. The root of a component stands for its highest pixel, whose value is the component's
 * birth. Close to linear in pixels; memory grows with those between top and bottom, and their
 * neighbours.
 */
final class Flood {

    /** One component that was there for a while; {@code ended} is -1 if it still was at the end. */
    record Life(int began, int beganAt, int ended, int endedAt, long size) {}

    private static final int OUTSIDE_SIZE = 1 << 29;

    /** The neighbours that come before a pixel and those that come after it, as bytes. */
    private static final long EARLIER = Around.earlier();

    private static final long LATER = EightPixels.HIGH & ~EARLIER;

    private final byte[] samples;
    private final GreyPixelIndex sites;
    private final int invert;
    private final int width;
    private final int height;
    private final boolean edgesJoin;
    private final int speckSize;
    private final int leastSize;
    private final int leastLife;
    private final Around around;
    private final boolean diagonal;

    /** The highest pixel of each component that is there from the start. */
    private int[] highest;

    /**
     * Of sites, then of the components that are there from the start, last of the outside: one more
     * than the number of the parent; of a root, its size, negative.
     */
    private int[] parent;

    /** The values of roots' pixels, by the same numbers. */
    private byte[] births;

    private final List<Life> lives = new ArrayList<>();
    private final int[] components = new int[257];
    private final int[] large = new int[257];
    private int count;
    private int countLarge;

    /**
     * A flood.
     *
     * @param sites the pixels between bottom and top with their neighbours
     * @param inverted whether the darkest pixel comes last
     * @param diagonal whether pixels that touch at a corner are joined
     * @param edgesJoin whether everything that touches the edge is one and not counted
     * @param speckSize components of fewer pixels are counted as specks
     * @param leastSize lives of components that end with fewer pixels are not told
     * @param leastLife lives of fewer levels are grain; at least 1
     */
    Flood(
            byte[] samples,
            int width,
            GreyPixelIndex sites,
            boolean inverted,
            boolean diagonal,
            boolean edgesJoin,
            int speckSize,
            int leastSize,
            int leastLife) {
        this.samples = samples;
        this.width = width;
        this.height = samples.length / width;
        this.sites = sites;
        this.invert = inverted ? 255 : 0;
        this.diagonal = diagonal;
        this.around = new Around(diagonal);
        this.edgesJoin = edgesJoin;
        this.speckSize = speckSize;
        this.leastSize = leastSize;
        this.leastLife = leastLife;
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
        addAbove(top);
        record(top);
        for (int level = top - 1; level >= bottom; level--) {
            int sample = level ^ invert;
            for (int at = sites.start(sample); at < sites.start(sample + 1); at++) {
                addOne(at, level);
            }
            record(level);
            progress.report("Comparing thresholds", (double) (top - level) / (top - bottom + 1));
        }
        for (int label = 0; label < highest.length; label++) {
            endure(sites.count() + label, bottom);
        }
        for (int level = bottom; level < top; level++) {
            int sample = level ^ invert;
            for (int at = sites.start(sample); at < sites.start(sample + 1); at++) {
                endure(sites.number(at), bottom);
            }
        }
    }

    /** Tells the life of a component that is still there at the end, if this is its root. */
    private void endure(int root, int bottom) {
        boolean there = parent[root] < 0 && -parent[root] >= leastSize;
        if (there && birth(root) - bottom >= leastLife) {
            lives.add(new Life(birth(root), birthplace(root), -1, -1, -parent[root]));
        }
    }

    private void record(int level) {
        components[level] = count;
        large[level] = countLarge;
    }

    private int sample(int pixel) {
        return (samples[pixel] & 0xff) ^ invert;
    }

    /** The outside was there before everything else. */
    private int birth(int root) {
        return root == births.length ? 256 : births[root] & 0xff;
    }

    private int birthplace(int root) {
        return root < sites.count() ? sites.pixelOf(root) : highest[root - sites.count()];
    }

    /** Adds all runs at once. */
    private void addAbove(int top) {
        boolean above = invert == 0;
        int from = above ? top : 256 - top;
        RunLabels runs = RunLabels.of(samples, width, height, from, above, diagonal);
        highest = highest(runs);
        int first = sites.count();
        int outside = first + highest.length;
        parent = new int[outside + 1];
        births = new byte[outside];
        BitSet atEdge = new BitSet();
        runs.forEachRun(
                (y, left, right, label) -> {
                    int end = y * width + right;
                    int at = sites.next(y * width + left);
                    if (at < end) {
                        int site = sites.numberOf(at);
                        for (; at < end; at = sites.next(at + 1)) {
                            parent[site++] = first + label + 1;
                        }
                    }
                    if (left == 0 || right == width || y == 0 || y == height - 1) {
                        atEdge.set(label);
                    }
                });
        parent[outside] = -OUTSIDE_SIZE;
        count = highest.length;
        for (int label = 0; label < highest.length; label++) {
            parent[first + label] = (int) -runs.size(label);
            births[first + label] = (byte) sample(highest[label]);
            if (edgesJoin && atEdge.get(label)) {
                link(first + label, outside);
                count--;
            } else if (runs.size(label) >= speckSize) {
                countLarge++;
            }
        }
    }

    /** The highest pixel of each component, the first of several. */
    private int[] highest(RunLabels runs) {
        int[] best = new int[runs.count()];
        Arrays.fill(best, -1);
        runs.forEachRun(
                (y, from, to, label) -> {
                    int place = best[label];
                    int most = place < 0 ? -1 : sample(place);
                    for (int i = y * width + from; most < 255 && i < y * width + to; i++) {
                        if (sample(i) > most) {
                            most = sample(i);
                            place = i;
                        }
                    }
                    best[label] = place;
                });
        return best;
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

    private int root(int site) {
        int at = site;
        while (parent[at] > 0) {
            int up = parent[at] - 1;
            if (parent[up] > 0) {
                parent[at] = parent[up];
            }
            at = up;
        }
        return at;
    }

    /** Adds the pixel at a place among those between. */
    private void addOne(int at, int level) {
        int site = sites.number(at);
        boolean edge = sites.isEdge(at);
        int meets = around.meets(around(at, edge, level));
        boolean one = meets != 0 && (meets & meets - 1) == 0;
        if (one && !(edge && edgesJoin)) {
            int there = root(neighbour(at, meets));
            if (birth(there) > level || parent[there] < -1) {
                // Nearly always: the pixel goes to what is there, and no life ends.
                parent[site] = there + 1;
                parent[there]--;
                countLarge += -parent[there] == speckSize ? 1 : 0;
                return;
            }
        }
        parent[site] = -1;
        births[site] = (byte) level;
        count++;
        countLarge += speckSize <= 1 ? 1 : 0;
        for (int left = meets; left != 0; left &= left - 1) {
            meet(site, neighbour(at, left), sites.pixel(at), level);
        }
        if (edgesJoin && edge) {
            meet(site, births.length, sites.pixel(at), level);
        }
    }

    /**
     * Which neighbours are in: those higher, and of those as high the ones that come before the
     * pixel. All at once, without branches, which nothing could foretell.
     */
    private int around(int at, boolean edge, int level) {
        long samples = sites.around(at);
        long values = invert == 0 ? samples : ~samples;
        long earlier = EightPixels.atLeast(values, level) & EARLIER;
        long later = level == 255 ? 0 : EightPixels.atLeast(values, level + 1) & LATER;
        int in = (int) EightPixels.gather(earlier | later);
        return edge ? in & sites.there(at) : in;
    }

    /** The number of the lowest of some neighbours. */
    private int neighbour(int at, int neighbours) {
        return sites.neighbour(at, Integer.numberOfTrailingZeros(neighbours));
    }

    /** Joins the component of a pixel just added with another, and tells whose life ends. */
    private void meet(int site, int other, int pixel, int level) {
        int a = root(site);
        int b = root(other);
        if (a == b) {
            return;
        }
        int younger = isElder(a, b) ? b : a;
        int size = -parent[younger];
        boolean bothLarge = -parent[a] >= speckSize && -parent[b] >= speckSize;
        boolean oneLarge = -parent[a] >= speckSize || -parent[b] >= speckSize;
        if (size >= leastSize && birth(younger) - level >= leastLife) {
            lives.add(new Life(birth(younger), birthplace(younger), level, pixel, size));
        }
        boolean nowLarge = -(parent[a] + parent[b]) >= speckSize;
        link(a, b);
        count--;
        countLarge += bothLarge ? -1 : !oneLarge && nowLarge ? 1 : 0;
    }
}
