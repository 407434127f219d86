package neattrace.flat.rough;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import neattrace.press.Rgb;

/** Counts colours in coarse bins and keeps each bin's mean. */
final class ColourCount {

    /** Bits of each colour part that make a bin. */
    private static final int BITS = 4;

    /** How often, and the sums of red, green and blue. */
    private final Map<Integer, long[]> bins = new HashMap<>();

    private int lastBin = -1;
    private long[] last;
    private long total;

    void add(int rgb) {
        int r = rgb >> 16 & 0xff;
        int g = rgb >> 8 & 0xff;
        int b = rgb & 0xff;
        int shift = 8 - BITS;
        int bin = (r >> shift) << 2 * BITS | (g >> shift) << BITS | b >> shift;
        // Neighbouring pixels mostly share a bin; looking it up each time would cost the most.
        if (bin != lastBin) {
            lastBin = bin;
            last = bins.computeIfAbsent(bin, id -> new long[4]);
        }
        last[0]++;
        last[1] += r;
        last[2] += g;
        last[3] += b;
        total++;
    }

    void addAll(ColourCount other) {
        other.bins.forEach(
                (bin, sums) -> {
                    long[] own = bins.computeIfAbsent(bin, id -> new long[4]);
                    for (int i = 0; i < 4; i++) {
                        own[i] += sums[i];
                    }
                });
        total += other.total;
    }

    /** The mean of the fullest bin; at least one colour must have been added. */
    Rgb usual() {
        long[] sums = fullest();
        return new Rgb(mean(sums, 1), mean(sums, 2), mean(sums, 3));
    }

    private static int mean(long[] sums, int part) {
        return (int) ((sums[part] + sums[0] / 2) / sums[0]);
    }

    /** Which share of all colours lies in the fullest bin, 0 to 1. */
    double share() {
        return total == 0 ? 0 : (double) fullest()[0] / total;
    }

    private long[] fullest() {
        return bins.values().stream()
                // Ties go to the darker bin, so that the result does not hang on map order.
                .max((a, b) -> a[0] != b[0] ? Long.compare(a[0], b[0]) : -Arrays.compare(a, b))
                .orElseThrow();
    }
}
