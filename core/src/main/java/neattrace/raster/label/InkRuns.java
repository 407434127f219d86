package neattrace.raster.label;

import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.nio.ByteOrder;
import java.util.stream.IntStream;
import neattrace.raster.InkMap;

/** The runs of ink or of paper in a band of rows. */
final class InkRuns {

    private static final int ROWS = 128;

    private static final VarHandle EIGHT =
            MethodHandles.byteArrayViewVarHandle(long[].class, ByteOrder.LITTLE_ENDIAN);

    /** A pixel is ink if the highest bit of its coverage is set. */
    private static final long HIGH = 0x8080808080808080L;

    private final int fromRow;
    private final int[] rowStart;
    private final IntList from = new IntList();
    private final IntList to = new IntList();

    private InkRuns(int fromRow, int rows) {
        this.fromRow = fromRow;
        this.rowStart = new int[rows];
    }

    /** All bands of a map, found side by side. */
    static InkRuns[] bands(InkMap map, boolean ink) {
        int count = (map.height() + ROWS - 1) / ROWS;
        InkRuns[] bands = new InkRuns[count];
        IntStream.range(0, count)
                .parallel()
                .forEach(
                        band -> {
                            int first = band * ROWS;
                            int rows = Math.min(ROWS, map.height() - first);
                            InkRuns runs = new InkRuns(first, rows);
                            for (int row = 0; row < rows; row++) {
                                runs.rowStart[row] = runs.from.size();
                                runs.scan(
                                        map.coverage(),
                                        (first + row) * map.width(),
                                        map.width(),
                                        ink);
                            }
                            bands[band] = runs;
                        });
        return bands;
    }

    private void scan(byte[] coverage, int base, int width, boolean ink) {
        // A member has its bit set once paper's bits are turned round.
        long flip = ink ? 0 : HIGH;
        int x = 0;
        while (true) {
            x = next(coverage, base, x, width, flip);
            if (x == width) {
                return;
            }
            from.add(x);
            x = next(coverage, base, x, width, flip ^ HIGH);
            to.add(x);
        }
    }

    /** The first pixel from x on whose bit, flipped, is set; the width if there is none. */
    private static int next(byte[] coverage, int base, int x, int width, long flip) {
        int at = x;
        while (at + 8 <= width) {
            long bits = ((long) EIGHT.get(coverage, base + at) ^ flip) & HIGH;
            if (bits != 0) {
                return at + (Long.numberOfTrailingZeros(bits) >>> 3);
            }
            at += 8;
        }
        int sign = flip == 0 ? 0 : 0x80;
        while (at < width && ((coverage[base + at] ^ sign) & 0x80) == 0) {
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
