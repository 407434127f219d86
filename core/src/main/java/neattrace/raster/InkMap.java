package neattrace.raster;

import java.awt.Rectangle;
import java.util.Arrays;
import java.util.Optional;

/**
 * How much of each pixel is ink, 0 none to 255 all, with the decision black or white already folded
 * in: a pixel is ink when its coverage is {@link #INK} or more, and the edge of the ink is where
 * the interpolated coverage crosses {@link #EDGE}.
 *
 * <p>The coverage array is handed over, not copied, and must not be written to.
 */
public record InkMap(int width, int height, byte[] coverage) {

    /** The smallest coverage that counts as ink. */
    public static final int INK = 128;

    /** The level at which the edge of the ink lies, between paper (127) and ink (128). */
    public static final double EDGE = 127.5;

    public InkMap {
        if (width < 1 || height < 1 || coverage.length != width * height) {
            throw new IllegalArgumentException("coverage does not match " + width + " x " + height);
        }
    }

    /** Whether the pixel is ink; everything outside the sheet is paper. */
    public boolean isInk(int x, int y) {
        return x >= 0
                && y >= 0
                && x < width
                && y < height
                && (coverage[y * width + x] & 0xff) >= INK;
    }

    /** Whether the pixel with this index (row times width plus column) is ink. */
    public boolean isInk(int index) {
        return (coverage[index] & 0xff) >= INK;
    }

    /**
     * The smallest rectangle outside of which this map is the same as another one.
     *
     * @param other as large as this one
     * @return nothing if the maps are equal
     */
    public Optional<Rectangle> changedSince(InkMap other) {
        int first = Arrays.mismatch(coverage, other.coverage);
        if (first < 0) {
            return Optional.empty();
        }
        int top = first / width;
        int bottom = height;
        while (rowMismatch(other, bottom - 1) < 0) {
            bottom--;
        }
        int left = width;
        int right = 0;
        for (int y = top; y < bottom; y++) {
            int from = rowMismatch(other, y);
            if (from >= 0) {
                left = Math.min(left, from);
                int last = y * width + width - 1;
                while (coverage[last] == other.coverage[last]) {
                    last--;
                }
                right = Math.max(right, last - y * width + 1);
            }
        }
        return Optional.of(new Rectangle(left, top, right - left, bottom - top));
    }

    /** The first column in which a row differs, or -1. */
    private int rowMismatch(InkMap other, int y) {
        int from = y * width;
        return Arrays.mismatch(coverage, from, from + width, other.coverage, from, from + width);
    }

    /** Number of ink pixels. */
    public long inkPixels() {
        long count = 0;
        int i = 0;
        for (; i + 8 <= coverage.length; i += 8) {
            count += Long.bitCount(EightPixels.read(coverage, i) & EightPixels.HIGH);
        }
        for (; i < coverage.length; i++) {
            count += coverage[i] < 0 ? 1 : 0;
        }
        return count;
    }
}
