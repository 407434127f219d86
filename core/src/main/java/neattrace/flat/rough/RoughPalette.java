package neattrace.flat.rough;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import neattrace.press.DeltaE2000;
import neattrace.press.Lab;
import neattrace.press.Rgb;

/** The few colours that a picture's many stand for. */
final class RoughPalette {

    /** Bits of each part that make a bin. */
    private static final int BITS = 5;

    /** More colours than these are no flats; further ones go to the nearest. */
    private static final int MOST = 64;

    private final long[] counts = new long[1 << 3 * BITS];
    private final long[][] sums = new long[3][1 << 3 * BITS];

    /** The colour of each bin that has been counted, from 0. */
    private int[] colourOf;

    private static int bin(int rgb) {
        int shift = 8 - BITS;
        int mask = (1 << BITS) - 1;
        return (rgb >> 16 + shift & mask) << 2 * BITS
                | (rgb >> 8 + shift & mask) << BITS
                | rgb >> shift & mask;
    }

    void count(int rgb) {
        int bin = bin(rgb);
        counts[bin]++;
        sums[0][bin] += rgb >> 16 & 0xff;
        sums[1][bin] += rgb >> 8 & 0xff;
        sums[2][bin] += rgb & 0xff;
    }

    /** Lets each bin stand for the nearest colour, the most frequent ones first. */
    void settle() {
        colourOf = new int[counts.length];
        Arrays.fill(colourOf, -1);
        List<Lab> colours = new ArrayList<>();
        IntStream.range(0, counts.length)
                .filter(bin -> counts[bin] > 0)
                .boxed()
                .sorted(Comparator.comparingLong((Integer bin) -> counts[bin]).reversed())
                .forEach(bin -> colourOf[bin] = nearest(colours, mean(bin)));
    }

    private static int nearest(List<Lab> colours, Lab colour) {
        int best = -1;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < colours.size(); i++) {
            double difference = DeltaE2000.between(colours.get(i), colour);
            if (difference < least) {
                least = difference;
                best = i;
            }
        }
        if (least > RoughColours.SAME_COLOUR && colours.size() < MOST) {
            colours.add(colour);
            return colours.size() - 1;
        }
        return best;
    }

    private Lab mean(int bin) {
        long n = counts[bin];
        return new Rgb((int) (sums[0][bin] / n), (int) (sums[1][bin] / n), (int) (sums[2][bin] / n))
                .toLab();
    }

    /** The number of a colour that was counted. */
    int colour(int rgb) {
        return colourOf[bin(rgb)];
    }
}
