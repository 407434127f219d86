package neattrace.sheet.sweep;

import neattrace.array.IntList;
import neattrace.raster.EightPixels;

/** The pixels of some values by rising value, and within a value row by row (counting sort). */
final class ByValue {

    private final int[] pixels;

    /** For each value where its pixels begin. */
    private final int[] start;

    private ByValue(int[] pixels, int[] start) {
        this.pixels = pixels;
        this.start = start;
    }

    /**
     * Sorts.
     *
     * @param inverted whether a sample's value is 255 less the sample
     * @param from the lowest value wanted, at least 1
     * @param below the lowest value above it that is not wanted
     */
    static ByValue of(byte[] samples, boolean inverted, int from, int below) {
        int flip = inverted ? 255 : 0;
        int[] found =
                between(samples, inverted ? 256 - below : from, inverted ? 256 - from : below);
        int[] start = new int[258];
        for (int pixel : found) {
            start[((samples[pixel] & 0xff) ^ flip) + 1]++;
        }
        for (int value = 1; value < start.length; value++) {
            start[value] += start[value - 1];
        }
        int[] next = start.clone();
        int[] pixels = new int[found.length];
        for (int pixel : found) {
            pixels[next[(samples[pixel] & 0xff) ^ flip]++] = pixel;
        }
        return new ByValue(pixels, start);
    }

    /** All samples from one value up to below another; most of a sheet is neither, at a glance. */
    private static int[] between(byte[] samples, int from, int below) {
        IntList pixels = new IntList();
        int i = 0;
        for (; i + 8 <= samples.length; i += 8) {
            long eight = EightPixels.read(samples, i);
            long bits = EightPixels.atLeast(eight, from) & ~EightPixels.atLeast(eight, below);
            for (; bits != 0; bits &= bits - 1) {
                pixels.add(i + EightPixels.first(bits));
            }
        }
        for (; i < samples.length; i++) {
            int sample = samples[i] & 0xff;
            if (sample >= from && sample < below) {
                pixels.add(i);
            }
        }
        return pixels.toArray();
    }

    /** The pixels, handed over and not to be written to. */
    int[] pixels() {
        return pixels;
    }

    /** Where the pixels of a value begin, 0 to 256. */
    int start(int value) {
        return start[value];
    }
}
