package neattrace.sheet.sweep;

import java.util.Arrays;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import neattrace.raster.EightPixels;

/**
 * What a sweep has to look at one by one: the pixels of a sheet that neither are bare nor solid, by
 * rising sample, and otherwise row by row; and these with all their neighbours as sites, numbered
 * row by row, so that what is kept of each takes little room. A bit a pixel, with counts in
 * between, tells numbers (rank by bit counts, after G. Jacobson, "Space-efficient static trees and
 * graphs", FOCS 1989). Immutable.
 */
final class GreyPixelIndex {

    private static final int WORD = Long.SIZE;

    /** All neighbours as bits. */
    private static final int ALL = (1 << Around.COUNT) - 1;

    /** Words done together. */
    private static final int BAND = 4096;

    private final byte[] samples;
    private final int width;
    private final long[] bits;

    /** How many sites there are before each word. */
    private final int[] before;

    /**
     * The pixels between bare and solid, by rising sample; and for each sample where they begin.
     */
    private final int[] pixels;

    private final int[] start = new int[257];

    /** What is known of them at once, in their order; null where that would take too much room. */
    private final Known known;

    /**
     * All that is needed of pixels, so that taking one after the other reads memory in one stretch.
     *
     * @param number the number of each
     * @param above the number of the neighbour above and to the left, -1 at the sheet's edge
     * @param below the same below
     * @param around the samples of all eight neighbours
     */
    private record Known(int[] number, int[] above, int[] below, long[] around) {

        Known(int count) {
            this(new int[count], new int[count], new int[count], new long[count]);
        }
    }

    private GreyPixelIndex(byte[] samples, int width, long[] between, long[] bits, int most) {
        this.samples = samples;
        this.width = width;
        this.bits = bits;
        this.before = new int[bits.length + 1];
        for (int word = 0; word < bits.length; word++) {
            before[word + 1] = before[word] + Long.bitCount(bits[word]);
        }
        forEach(between, pixel -> start[(samples[pixel] & 0xff) + 1]++);
        for (int value = 1; value < start.length; value++) {
            start[value] += start[value - 1];
        }
        this.pixels = new int[start[256]];
        this.known = pixels.length > most ? null : new Known(pixels.length);
        int[] next = start.clone();
        forEach(between, pixel -> put(next[samples[pixel] & 0xff]++, pixel));
    }

    private void put(int at, int pixel) {
        pixels[at] = pixel;
        if (known == null) {
            return;
        }
        boolean edge = isAtEdge(pixel);
        known.number[at] = numberOf(pixel);
        known.above[at] = edge ? -1 : numberOf(pixel - width - 1);
        known.below[at] = edge ? -1 : numberOf(pixel + width - 1);
        known.around[at] = samplesAround(pixel);
    }

    /**
     * Finds them.
     *
     * @param low the lowest value between bare and solid, 1 to 255
     * @param high the lowest value above it that is solid, to 255
     * @param most if there are more pixels between, memory is spared rather than time
     */
    static GreyPixelIndex of(byte[] samples, int width, int low, int high, int most) {
        int words = (samples.length + WORD - 1) / WORD;
        long[] between = new long[words];
        inBands(words, word -> between[word] = between(samples, word, low, high));
        long[] wide = new long[words];
        inBands(
                words,
                word -> {
                    long at = (long) WORD * word;
                    wide[word] = between[word] | from(between, at - 1) | from(between, at + 1);
                });
        long[] near = new long[words];
        inBands(
                words,
                word -> {
                    long at = (long) WORD * word;
                    near[word] = wide[word] | from(wide, at - width) | from(wide, at + width);
                });
        near[words - 1] &= -1L >>> -samples.length;
        return new GreyPixelIndex(samples, width, between, near, most);
    }

    private static void forEach(long[] set, IntConsumer action) {
        for (int word = 0; word < set.length; word++) {
            for (long left = set[word]; left != 0; left &= left - 1) {
                action.accept(WORD * word + Long.numberOfTrailingZeros(left));
            }
        }
    }

    private interface Work {
        void does(int word);
    }

    private static void inBands(int words, Work work) {
        IntStream.range(0, (words + BAND - 1) / BAND)
                .parallel()
                .forEach(
                        band -> {
                            int to = Math.min(words, (band + 1) * BAND);
                            for (int word = band * BAND; word < to; word++) {
                                work.does(word);
                            }
                        });
    }

    /** A bit for each of 64 samples that is at least so high and below another value. */
    private static long between(byte[] samples, int word, int low, int high) {
        int from = WORD * word;
        if (from + WORD <= samples.length) {
            return EightPixels.sixtyFourAtLeast(samples, from, low)
                    & ~EightPixels.sixtyFourAtLeast(samples, from, high);
        }
        long all = 0;
        for (int i = from; i < samples.length; i++) {
            int sample = samples[i] & 0xff;
            all |= sample >= low && sample < high ? 1L << i : 0;
        }
        return all;
    }

    /** The 64 bits from a place on; beyond the set there are none. */
    private static long from(long[] set, long place) {
        int word = (int) (place >> 6);
        long low = word < 0 || word >= set.length ? 0 : set[word] >>> place;
        boolean straight = (place & WORD - 1) == 0;
        long high = word + 1 < 0 || word + 1 >= set.length ? 0 : set[word + 1];
        return straight ? low : low | high << -place;
    }

    private boolean isAtEdge(int pixel) {
        int x = pixel % width;
        boolean ends = pixel < width || pixel + width >= samples.length;
        return ends || x == 0 || x == width - 1;
    }

    /**
     * The samples round a pixel as bytes, in the order of {@link Around}; 0 where there is none.
     */
    private long samplesAround(int pixel) {
        int there = isAtEdge(pixel) ? thereAround(pixel) : ALL;
        long all = 0;
        for (int left = there; left != 0; left &= left - 1) {
            int k = Integer.numberOfTrailingZeros(left);
            int other = pixel + Around.dy(k) * width + Around.dx(k);
            all |= (samples[other] & 0xffL) << 8 * k;
        }
        return all;
    }

    private int thereAround(int pixel) {
        int x = pixel % width;
        int there = 0;
        for (int k = 0; k < Around.COUNT; k++) {
            int across = x + Around.dx(k);
            int other = pixel + Around.dy(k) * width + Around.dx(k);
            boolean is = across >= 0 && across < width && other >= 0 && other < samples.length;
            there |= is ? 1 << k : 0;
        }
        return there;
    }

    /** How many sites. */
    int count() {
        return before[bits.length];
    }

    /** Whether there are so many that memory is spared. */
    boolean areMany() {
        return known == null;
    }

    /** Where those of a sample begin among these, 0 to 256. */
    int start(int sample) {
        return start[sample];
    }

    /** The pixel at a place among them. */
    int pixel(int at) {
        return pixels[at];
    }

    /** Its number as a site. */
    int number(int at) {
        return known == null ? numberOf(pixels[at]) : known.number[at];
    }

    /** The number of a pixel, which must be one of them; of any other that of the next one. */
    int numberOf(int pixel) {
        int word = pixel >>> 6;
        return before[word] + Long.bitCount(bits[word] & (1L << pixel) - 1);
    }

    /** The first pixel of them from one on; the number of bits if there is none. */
    int next(int pixel) {
        int word = pixel >>> 6;
        if (word >= bits.length) {
            return WORD * bits.length;
        }
        long left = bits[word] >>> pixel << pixel;
        while (left == 0 && ++word < bits.length) {
            left = bits[word];
        }
        return left == 0 ? WORD * bits.length : WORD * word + Long.numberOfTrailingZeros(left);
    }

    /** Whether the pixel at a place lies at the sheet's edge, where it lacks neighbours. */
    boolean isEdge(int at) {
        return known == null ? isAtEdge(pixels[at]) : known.above[at] < 0;
    }

    /** The samples round it as bytes, in the order of {@link Around}; 0 where there is none. */
    long around(int at) {
        return known == null ? samplesAround(pixels[at]) : known.around[at];
    }

    /** Which neighbours there are at all, as bits. */
    int there(int at) {
        return thereAround(pixels[at]);
    }

    /**
     * The number of a neighbour of the pixel at a place.
     *
     * @param k which, in the order of {@link Around}; there must be one
     */
    int neighbour(int at, int k) {
        int dx = Around.dx(k);
        int dy = Around.dy(k);
        if (known == null || known.above[at] < 0) {
            return numberOf(pixels[at] + dy * width + dx);
        }
        // All of them are sites, so those of a row have numbers in a row.
        int[] first = dy == 0 ? known.number : dy < 0 ? known.above : known.below;
        return first[at] + dx + (dy == 0 ? 0 : 1);
    }

    /** The pixel of a number. */
    int pixelOf(int number) {
        int found = Arrays.binarySearch(before, number);
        int word = found >= 0 ? found : -found - 2;
        // Of words with the same count before them all but the last one have none.
        while (before[word + 1] <= number) {
            word++;
        }
        long left = bits[word];
        for (int k = before[word]; k < number; k++) {
            left &= left - 1;
        }
        return WORD * word + Long.numberOfTrailingZeros(left);
    }
}
