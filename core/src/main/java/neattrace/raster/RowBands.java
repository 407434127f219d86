package neattrace.raster;

import java.util.stream.IntStream;

/** Sheets are worked on in bands of rows, side by side, so that no whole second sheet is needed. */
public final class RowBands {

    private static final int ROWS = 256;

    private RowBands() {}

    /** Does something with rows {@code from} to {@code to - 1}. */
    @FunctionalInterface
    public interface Work {
        void rows(int from, int to);
    }

    /** Does the work for all rows of a sheet, several bands at a time. */
    public static void forEach(int height, Work work) {
        IntStream.range(0, (height + ROWS - 1) / ROWS)
                .parallel()
                .forEach(band -> work.rows(band * ROWS, Math.min(height, (band + 1) * ROWS)));
    }
}
