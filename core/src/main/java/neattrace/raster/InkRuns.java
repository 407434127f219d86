package neattrace.raster;

import java.util.stream.IntStream;
import neattrace.array.IntList;

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

    /** Whether pixels are members: 64 of them from an index on, or one. */
    private interface Members {

        /** The pixel {@code at + k} decides bit {@code k}. */
        long sixtyFour(int at);

        boolean one(int at);
    }

    /** All bands of a sheet, found side by side. */
    static InkRuns[] bands(byte[] samples, int width, int height, int value, boolean above) {
        return bands(
                width,
                height,
                new Members() {
                    @Override
                    public long sixtyFour(int at) {
                        long word = EightPixels.sixtyFourAtLeast(samples, at, value);
                        return above ? word : ~word;
                    }

                    @Override
                    public boolean one(int at) {
                        return (samples[at] & 0xff) >= value == above;
                    }
                });
    }

    /** The same of pixels whose bits are set, row by row. */
    static InkRuns[] bands(int width, int height, long[] bits) {
        return bands(
                width,
                height,
                new Members() {
                    @Override
                    public long sixtyFour(int at) {
                        int word = at >>> 6;
                        long low = bits[word] >>> at;
                        return (at & 63) == 0 ? low : low | bits[word + 1] << -at;
                    }

                    @Override
                    public boolean one(int at) {
                        return (bits[at >>> 6] >>> at & 1) != 0;
                    }
                });
    }

    private static InkRuns[] bands(int width, int height, Members members) {
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
                                runs.scan((first + row) * width, width, members);
                            }
                            bands[band] = runs;
                        });
        return bands;
    }

    private void scan(int base, int width, Members members) {
        boolean inside = false;
        int x = 0;
        for (; x + 64 <= width; x += 64) {
            long word = members.sixtyFour(base + x);
            // A bit for each pixel that is not what the one before it is.
            for (long turns = word ^ (word << 1 | (inside ? 1 : 0));
                    turns != 0;
                    turns &= turns - 1) {
                (inside ? to : from).add(x + Long.numberOfTrailingZeros(turns));
                inside = !inside;
            }
        }
        for (; x < width; x++) {
            if (members.one(base + x) != inside) {
                (inside ? to : from).add(x);
                inside = !inside;
            }
        }
        if (inside) {
            to.add(width);
        }
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
