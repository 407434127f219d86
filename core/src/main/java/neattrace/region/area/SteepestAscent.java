package neattrace.region.area;

import java.util.Arrays;
import java.util.BitSet;
import java.util.concurrent.atomic.AtomicIntegerArray;
import java.util.stream.IntStream;
import neattrace.array.IntList;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;

/**
 * Parts paper into stretches that one comes to by going straight up, away from ink: paper wider
 * than a limit is one stretch wherever it hangs together, all other paper belongs to the stretch or
 * the peak its steepest way leads to. All rows at once; only paths of a few pixels are followed.
 */
final class SteepestAscent {

    static final int INK = -1;

    /** A way on to pixel p is kept as this less p. */
    private static final int WAY = -2;

    private static final int BAND = 64;

    /** Bits that tell which of five neighbouring places a height is of. */
    private static final int RANK_BITS = 3;

    /** The stretch of each pixel, from 0; {@link #INK} where there is no paper. */
    final int[] labels;

    /** For each stretch the squared distance of its widest place from ink, px. */
    final int[] peaks;

    private final int width;

    private SteepestAscent(int width, int[] labels, int[] peaks) {
        this.width = width;
        this.labels = labels;
        this.peaks = peaks;
    }

    /**
     * Parts.
     *
     * @param limit squared distance from ink above which paper is wide, px
     */
    static SteepestAscent of(InkMap map, DistanceTransform side, long limit) {
        int[] labels = new int[map.width() * map.height()];
        int bands = (map.height() + BAND - 1) / BAND;
        int[] found = new int[bands + 1];
        IntList[] tops = new IntList[bands];
        // Bands begin at whole words, so that each has its own.
        long[] isWide = new long[(labels.length + Long.SIZE - 1) / Long.SIZE];
        IntStream.range(0, bands)
                .parallel()
                .forEach(
                        band -> {
                            tops[band] = point(map, side, limit, labels, isWide, band);
                            found[band + 1] = tops[band].size();
                        });
        RunLabels wide = RunLabels.of(map.width(), map.height(), isWide, false);
        found[0] = wide.count();
        for (int band = 0; band < bands; band++) {
            found[band + 1] += found[band];
        }
        int[] peaks = new int[found[bands]];
        widen(wide, side, labels, peaks, map);
        int size = labels.length;
        for (int band = 0; band < bands; band++) {
            for (int k = 0; k < tops[band].size(); k++) {
                int i = tops[band].get(k);
                peaks[found[band] + k] = side.squared(i);
                labels[i] = found[band] + k;
            }
        }
        IntStream.range(0, bands)
                .parallel()
                .forEach(
                        band -> {
                            int to = Math.min(size, (band + 1) * BAND * map.width());
                            for (int i = band * BAND * map.width(); i < to; i++) {
                                if (labels[i] <= WAY) {
                                    follow(labels, i);
                                }
                            }
                        });
        return new SteepestAscent(map.width(), labels, peaks);
    }

    /** Whether a flood from the widest places down comes to pixel a before pixel b. */
    static boolean isEarlier(int a, int squaredA, int b, int squaredB) {
        return squaredA > squaredB || squaredA == squaredB && a < b;
    }

    /** Gives wide paper its stretch, and each stretch its peak. */
    private static void widen(
            RunLabels wide, DistanceTransform side, int[] labels, int[] peaks, InkMap map) {
        AtomicIntegerArray highest = new AtomicIntegerArray(wide.count());
        IntStream.range(0, map.height())
                .parallel()
                .forEach(
                        row ->
                                wide.forEachRun(
                                        row,
                                        row + 1,
                                        (y, from, to, stretch) -> {
                                            int most = 0;
                                            int base = y * map.width();
                                            for (int i = base + from; i < base + to; i++) {
                                                most = Math.max(most, side.squared(i));
                                                labels[i] = stretch;
                                            }
                                            highest.accumulateAndGet(stretch, most, Math::max);
                                        }));
        for (int stretch = 0; stretch < wide.count(); stretch++) {
            peaks[stretch] = highest.get(stretch);
        }
    }

    /** Marks wide paper and ink, and lets all else point up; the peaks, which point nowhere. */
    private static IntList point(
            InkMap map, DistanceTransform side, long limit, int[] labels, long[] isWide, int band) {
        int width = map.width();
        int[] way = {width, 1, 0, -1, -width, 0, 0, 0};
        IntList peaks = new IntList();
        int toRow = Math.min(map.height(), (band + 1) * BAND);
        for (int y = band * BAND; y < toRow; y++) {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                long squared = side.squared(i);
                if (squared < 0) {
                    labels[i] = INK;
                    continue;
                }
                if (squared > limit) {
                    isWide[i >>> 6] |= 1L << i;
                    continue;
                }
                // The highest, of several the first: the rank in the lowest bits decides. No
                // branches, which nothing could foretell.
                long best = squared << RANK_BITS | 2;
                long above = y > 0 ? side.squared(i - width) : INK;
                long left = x > 0 ? side.squared(i - 1) : INK;
                long right = x + 1 < width ? side.squared(i + 1) : INK;
                long below = y + 1 < map.height() ? side.squared(i + width) : INK;
                best = Math.max(best, above << RANK_BITS | 4);
                best = Math.max(best, left << RANK_BITS | 3);
                best = Math.max(best, right << RANK_BITS | 1);
                best = Math.max(best, below << RANK_BITS);
                int up = i + way[(int) best & 7];
                labels[i] = WAY - up;
                if (up == i) {
                    peaks.add(i);
                }
            }
        }
        return peaks;
    }

    /**
     * Follows the way up from a pixel and lets all on it know where it ends. Other threads may do
     * the same; whichever writes, the outcome is the same.
     */
    private static void follow(int[] labels, int from) {
        int at = from;
        int value = labels[at];
        while (value <= WAY) {
            at = WAY - value;
            value = labels[at];
        }
        int end = value;
        at = from;
        value = labels[at];
        while (value <= WAY) {
            labels[at] = end;
            at = WAY - value;
            value = labels[at];
        }
    }

    /**
     * Where stretches meet: for each paper pixel the neighbours of other stretches that a flood
     * comes to before it.
     */
    Meetings meetings(DistanceTransform side) {
        int bands = (labels.length / width + BAND - 1) / BAND;
        Meetings[] found = new Meetings[bands];
        IntStream.range(0, bands).parallel().forEach(band -> found[band] = meetings(side, band));
        return Meetings.farthestFirst(found);
    }

    private Meetings meetings(DistanceTransform side, int band) {
        Meetings found = new Meetings();
        int height = labels.length / width;
        int to = Math.min(height, (band + 1) * BAND);
        BitSet above = new BitSet(width);
        BitSet below = new BitSet(width);
        differences(band * BAND - 1, width, above);
        for (int y = band * BAND; y < to; y++) {
            int row = y * width;
            // Pixels that have a neighbour of another stretch; nearly all have none.
            BitSet mixed = above;
            below.clear();
            differences(y, width, below);
            mixed.or(below);
            differences(y, 1, mixed);
            for (int x = mixed.nextSetBit(0); x >= 0; x = mixed.nextSetBit(x + 1)) {
                int i = row + x;
                int own = labels[i];
                if (own >= 0) {
                    meet(found, side, own, i, x > 0 ? i - 1 : i);
                    meet(found, side, own, i, x + 1 < width ? i + 1 : i);
                    meet(found, side, own, i, y > 0 ? i - width : i);
                    meet(found, side, own, i, y + 1 < height ? i + width : i);
                }
            }
            BitSet next = above;
            above = below;
            below = next;
        }
        return found;
    }

    /**
     * Where a row differs from the one below it ({@code apart} is the width), or pixels from those
     * beside them ({@code apart} is 1; both are marked).
     */
    private void differences(int y, int apart, BitSet mark) {
        int from = y * width;
        int end = apart == 1 ? from + width - 1 : from + width;
        if (y < 0 || end + apart > labels.length) {
            return;
        }
        int at = from;
        while (at < end) {
            if (labels[at] != labels[at + apart]) {
                mark.set(at - from);
                if (apart == 1) {
                    mark.set(at - from + 1);
                }
                at++;
                continue;
            }
            int same = Arrays.mismatch(labels, at, end, labels, at + apart, end + apart);
            at = same < 0 ? end : at + same;
        }
    }

    private void meet(Meetings found, DistanceTransform side, int own, int i, int neighbour) {
        int other = labels[neighbour];
        if (other != own && other >= 0) {
            int squared = side.squared(i);
            if (isEarlier(neighbour, side.squared(neighbour), i, squared)) {
                found.add(i, squared, own, other);
            }
        }
    }
}
