package neattrace.raster;

import java.util.stream.IntStream;

/**
 * A grey picture, 0 black to 255 white.
 *
 * <p>The sample array is handed over, not copied: whoever builds a sheet gives the array away, and
 * whoever reads {@link #samples} must not write to it. Sheets of a hundred million pixels make a
 * copy too dear.
 */
public record GreySheet(int width, int height, byte[] samples) {

    /** Parts counted side by side. */
    private static final int BANDS = 32;

    public GreySheet {
        if (width < 1 || height < 1 || samples.length != width * height) {
            throw new IllegalArgumentException("samples do not match " + width + " x " + height);
        }
    }

    /** The value at column x, row y: 0 black to 255 white. */
    public int at(int x, int y) {
        return samples[y * width + x] & 0xff;
    }

    /** How many samples have each of the 256 values. */
    public long[] histogram() {
        return IntStream.range(0, BANDS)
                .parallel()
                .mapToObj(this::histogram)
                .reduce(new long[256], GreySheet::sum);
    }

    private long[] histogram(int band) {
        long[] counts = new long[256];
        int to = (int) ((long) samples.length * (band + 1) / BANDS);
        for (int i = (int) ((long) samples.length * band / BANDS); i < to; i++) {
            counts[samples[i] & 0xff]++;
        }
        return counts;
    }

    private static long[] sum(long[] a, long[] b) {
        long[] sum = new long[a.length];
        for (int i = 0; i < sum.length; i++) {
            sum[i] = a[i] + b[i];
        }
        return sum;
    }

    /** Whether no more than two different values occur. */
    public boolean isOneBit() {
        byte one = samples[0];
        int i = 0;
        while (i < samples.length && samples[i] == one) {
            i++;
        }
        // Nearly every sheet has a third value in its first rows.
        byte other = i < samples.length ? samples[i] : one;
        while (i < samples.length && (samples[i] == one || samples[i] == other)) {
            i++;
        }
        return i == samples.length;
    }
}
