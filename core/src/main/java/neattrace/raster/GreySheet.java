package neattrace.raster;

/**
 * A grey picture, 0 black to 255 white.
 *
 * <p>The sample array is handed over, not copied: whoever builds a sheet gives the array away, and
 * whoever reads {@link #samples} must not write to it. Sheets of a hundred million pixels make a
 * copy too dear.
 */
public record GreySheet(int width, int height, byte[] samples) {

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
        long[] counts = new long[256];
        for (byte sample : samples) {
            counts[sample & 0xff]++;
        }
        return counts;
    }

    /** Whether no more than two different values occur. */
    public boolean isOneBit() {
        int different = 0;
        for (long count : histogram()) {
            if (count > 0) {
                different++;
            }
        }
        return different <= 2;
    }
}
