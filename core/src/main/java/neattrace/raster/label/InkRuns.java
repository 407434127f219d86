package neattrace.raster.label;

import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import neattrace.array.IntList;
import neattrace.raster.EightPixels;

/** The runs of pixels at least as high as a value, or of all others, in a band of rows. */
final class InkRuns {

    private static final int ROWS = 128;

    private final int fromRow;
    private final int[] rowStart;
    private final IntList from = new IntList();
    private final IntList to = new IntList();

    private InkRuns(int fromRow, int rows) {
        this.fromRow = fromRow;
        this.rowStart = new int[rows];
    }

    /** Where in a row, from x on, the next pixel lies that is (or is not) a member. */
    private interface Search {
        int next(int base, int x, boolean member);
    }

    /** All bands of a sheet, found side by side. */
    static InkRuns[] bands(byte[] samples, int width, int height, int value, boolean above) {
        return bands(
                width,
                height,
                (base, x, member) -> next(samples, base, x, width, value, above == member));
    }

    /** The same of pixels told by their index. */
    static InkRuns[] bands(int width, int height, IntPredicate pixels) {
        return bands(width, height, (base, x, member) -> next(pixels, base, x, width, member));
    }

    private static InkRuns[] bands(int width, int height, Search search) {
        int count = (height + ROWS - 1) / ROWS;
        InkRuns[] bands = new InkRuns[count];
        IntStream.range(0, count)
                .parallel()
                .forEach(
                        band -> {
                            int first = band * ROWS;
                            int rows = Math.min(ROWS, height - first);
                            InkRuns runs = new InkRuns(first, rows);
                            for (int row = 0; row < rows; row++) {
                                runs.rowStart[row] = runs.from.size();
                                runs.scan((first + row) * width, width, search);
                            }
                            bands[band] = runs;
                        });
        return bands;
    }

    private void scan(int base, int width, Search search) {
        int x = 0;
        while (true) {
            x = search.next(base, x, true);
            if (x == width) {
                return;
            }
            from.add(x);
            x = search.next(base, x, false);
            to.add(x);
        }
    }

    private static int next(IntPredicate pixels, int base, int x, int width, boolean member) {
        int at = x;
        while (at < width && pixels.test(base + at) != member) {
            at++;
        }
        return at;
    }

    /** The first pixel from x on that is (or is not) as high; the width if there is none. */
    private static int next(byte[] samples, int base, int x, int width, int value, boolean above) {
        long flip = above ? 0 : EightPixels.HIGH;
        int at = x;
        while (at + 8 <= width) {
            long bits = EightPixels.atLeast(EightPixels.read(samples, base + at), value) ^ flip;
            if (bits != 0) {
                return at + EightPixels.first(bits);
            }
            at += 8;
        }
        while (at < width && (samples[base + at] & 0xff) >= value != above) {
            at++;
        }
        return at;
    }

    int fromRow() {
        return fromRow;
    }

    int rows() {
        return rowStart.length;
    }

    /** The number within the band of a row's first run. */
    int start(int row) {
        return rowStart[row];
    }

    int size() {
        return from.size();
    }

    void copyTo(int[] starts, int[] ends, int at) {
        from.copyTo(starts, at);
        to.copyTo(ends, at);
    }
}
