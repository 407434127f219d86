package neattrace.trace.weight;

import java.util.stream.IntStream;

/** Sheets are worked on in bands of rows, side by side, so that no whole second sheet is needed. */
final class Bands {

    private static final int ROWS = 256;

    private Bands() {}

    /** Does something with rows {@code from} to {@code to - 1}. */
    @FunctionalInterface
    interface Work {
        void rows(int from, int to);
    }

    static void forEach(int height, Work work) {
        IntStream.range(0, (height + ROWS - 1) / ROWS)
                .parallel()
                .forEach(band -> work.rows(band * ROWS, Math.min(height, (band + 1) * ROWS)));
    }
}
