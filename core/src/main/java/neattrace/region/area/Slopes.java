package neattrace.region.area;

import java.util.Arrays;
import java.util.stream.IntStream;
import neattrace.array.IntList;
import neattrace.raster.InkMap;
import neattrace.raster.distance.OtherSide;
import neattrace.raster.label.RunLabels;

/**
 * Parts paper into stretches that one comes to by going straight up, away from ink: paper wider
 * than a limit is one stretch wherever it hangs together, all other paper belongs to the stretch or
 * the peak its steepest way leads to. All rows at once; only paths of a few pixels are followed.
 */
final class Slopes {

    static final int INK = -1;
    private static final int PEAK = -2;

    /** A way on to pixel p is kept as this less p. */
    private static final int WAY = -3;

    private static final int BAND = 64;

    /** The stretch of each pixel, from 0; {@link #INK} where there is no paper. */
    final int[] labels;

    /** For each stretch the squared distance of its widest place from ink, px. */
    final int[] peaks;

    private final int width;

    private Slopes(int width, int[] labels, int[] peaks) {
        this.width = width;
        this.labels = labels;
        this.peaks = peaks;
    }

    /**
     * Parts.
     *
     * @param limit squared distance from ink above which paper is wide, px
     */
    static Slopes of(InkMap map, OtherSide side, long limit) {
        int[] labels = new int[map.width() * map.height()];
        int bands = (map.height() + BAND - 1) / BAND;
        int[] found = new int[bands + 1];
        IntStream.range(0, bands)
                .parallel()
                .forEach(band -> found[band + 1] = point(map, side, limit, labels, band));
        RunLabels wide =
                RunLabels.of(map.width(), map.height(), i -> labels[i] == Integer.MAX_VALUE, false);
        found[0] = wide.count();
        for (int band = 0; band < bands; band++) {
            found[band + 1] += found[band];
        }
        int[] peaks = new int[found[bands]];
        wide.forEachRun(
                (y, from, to, stretch) -> {
                    int base = y * map.width();
                    int most = peaks[stretch];
                    for (int i = base + from; i < base + to; i++) {
                        most = Math.max(most, side.squared(i));
                        labels[i] = stretch;
                    }
                    peaks[stretch] = most;
                });
        int size = labels.length;
        IntStream.range(0, bands)
                .parallel()
                .forEach(
                        band -> {
                            int next = found[band];
                            int to = Math.min(size, (band + 1) * BAND * map.width());
                            for (int i = band * BAND * map.width(); i < to; i++) {
                                if (labels[i] == PEAK) {
                                    peaks[next] = side.squared(i);
                                    labels[i] = next++;
                                }
                            }
                        });
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
        return new Slopes(map.width(), labels, peaks);
    }

    /** Whether a flood from the widest places down comes to pixel a before pixel b. */
    static boolean isEarlier(int a, int squaredA, int b, int squaredB) {
        return squaredA > squaredB || squaredA == squaredB && a < b;
    }

    /** Marks wide paper and ink, and lets all else point up; how many peaks there are. */
    private static int point(InkMap map, OtherSide side, long limit, int[] labels, int band) {
        int width = map.width();
        int count = 0;
        int toRow = Math.min(map.height(), (band + 1) * BAND);
        for (int y = band * BAND; y < toRow; y++) {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                int squared = side.squared(i);
                if (squared < 0) {
                    labels[i] = INK;
                    continue;
                }
                if (squared > limit) {
                    labels[i] = Integer.MAX_VALUE;
                    continue;
                }
                int up = i;
                int most = squared;
                if (y > 0 && side.squared(i - width) >= most) {
                    up = i - width;
                    most = side.squared(up);
                }
                if (x > 0
                        && (side.squared(i - 1) > most || up == i && side.squared(i - 1) == most)) {
                    up = i - 1;
                    most = side.squared(up);
                }
                if (x + 1 < width && side.squared(i + 1) > most) {
                    up = i + 1;
                    most = side.squared(up);
                }
                if (y + 1 < map.height() && side.squared(i + width) > most) {
                    up = i + width;
                }
                labels[i] = up == i ? PEAK : WAY - up;
                count += up == i ? 1 : 0;
            }
        }
        return count;
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

    /** Paper pixels beside which another stretch lies that a flood comes to first, by index. */
    int[] meetings(OtherSide side) {
        int bands = (labels.length / width + BAND - 1) / BAND;
        IntList[] found = new IntList[bands];
        IntStream.range(0, bands).parallel().forEach(band -> found[band] = meetings(side, band));
        IntList all = new IntList();
        for (IntList some : found) {
            all.addAll(some);
        }
        return Arrays.stream(all.toArray()).sorted().distinct().toArray();
    }

    private IntList meetings(OtherSide side, int band) {
        IntList found = new IntList();
        int to = Math.min(labels.length, (band + 1) * BAND * width);
        for (int i = band * BAND * width, x = 0; i < to; i++, x = x + 1 == width ? 0 : x + 1) {
            int own = labels[i];
            if (x + 1 < width && labels[i + 1] != own && (labels[i + 1] | own) >= 0) {
                found.add(later(side, i, i + 1));
            }
            int below = i + width;
            if (below < labels.length && labels[below] != own && (labels[below] | own) >= 0) {
                found.add(later(side, i, below));
            }
        }
        return found;
    }

    private static int later(OtherSide side, int a, int b) {
        return isEarlier(a, side.squared(a), b, side.squared(b)) ? b : a;
    }
}
