package neattrace.sheet.threshold;

import java.util.stream.IntStream;
import neattrace.raster.GreySheet;

/** A threshold for each pixel from its neighbourhood. Linear in pixels whatever the window. */
public final class Sauvola {

    /** The dynamic range of the standard deviation of 8-bit samples, as published. */
    static final double RANGE = 128;

    private Sauvola() {}

    /**
     * How far each pixel is darker than its threshold.
     *
     * @param radius the window has 2 radius + 1 pixels a side; at the edges only what lies on the
     *     sheet counts
     * @param k weight of the standard deviation; 0.5 as published, less keeps fainter ink
     * @param contrast brightness of paper less brightness of ink: darker than the threshold by so
     *     much is all ink
     * @return 0 to 255; 128 and above is ink, that is, not brighter than the threshold
     */
    public static byte[] darkness(GreySheet sheet, int radius, double k, double contrast) {
        byte[] out = new byte[sheet.samples().length];
        int bands = Math.max(1, Math.min(sheet.height(), 32));
        IntStream.range(0, bands)
                .parallel()
                .forEach(
                        band ->
                                new Band(sheet, radius)
                                        .run(
                                                (int) ((long) sheet.height() * band / bands),
                                                (int) ((long) sheet.height() * (band + 1) / bands),
                                                k,
                                                255 / contrast,
                                                out));
        return out;
    }

    /** Column sums that slide down the sheet. */
    private static final class Band {

        private final GreySheet sheet;
        private final int radius;
        private final long[] sums;
        private final long[] squares;

        Band(GreySheet sheet, int radius) {
            this.sheet = sheet;
            this.radius = radius;
            this.sums = new long[sheet.width()];
            this.squares = new long[sheet.width()];
        }

        void run(int from, int to, double k, double gain, byte[] out) {
            for (int y = from - radius; y < from + radius; y++) {
                add(y, 1);
            }
            for (int y = from; y < to; y++) {
                add(y + radius, 1);
                row(y, k, gain, out);
                add(y - radius, -1);
            }
        }

        private void add(int y, int sign) {
            if (y < 0 || y >= sheet.height()) {
                return;
            }
            int base = y * sheet.width();
            for (int x = 0; x < sums.length; x++) {
                int value = sheet.samples()[base + x] & 0xff;
                sums[x] += sign * value;
                squares[x] += (long) sign * value * value;
            }
        }

        private void row(int y, double k, double gain, byte[] out) {
            int width = sums.length;
            int tall = Math.min(sheet.height() - 1, y + radius) - Math.max(0, y - radius) + 1;
            long sum = 0;
            long square = 0;
            for (int x = 0; x < Math.min(radius, width); x++) {
                sum += sums[x];
                square += squares[x];
            }
            for (int x = 0; x < width; x++) {
                if (x + radius < width) {
                    sum += sums[x + radius];
                    square += squares[x + radius];
                }
                int wide = Math.min(width - 1, x + radius) - Math.max(0, x - radius) + 1;
                double count = (double) wide * tall;
                double mean = sum / count;
                double deviation = Math.sqrt(Math.max(0, square / count - mean * mean));
                double threshold = mean * (1 + k * (deviation / RANGE - 1));
                int value = sheet.samples()[y * width + x] & 0xff;
                double dark = 128 + gain * (threshold - value);
                out[y * width + x] = (byte) (int) Math.max(0, Math.min(255, Math.floor(dark)));
                if (x - radius >= 0) {
                    sum -= sums[x - radius];
                    square -= squares[x - radius];
                }
            }
        }
    }
}
