package neattrace.sheet.threshold;

import java.util.stream.IntStream;
import neattrace.raster.GreySheet;

/**
 * How far each pixel is on its way from bare paper (0) to solid ink (255). The array is handed
 * over, not copied, and must not be written to.
 */
public record ToneMap(int width, int height, byte[] darkness) {

    public ToneMap {
        if (width < 1 || height < 1 || darkness.length != width * height) {
            throw new IllegalArgumentException("darkness does not match " + width + " x " + height);
        }
    }

    /** Linear between the levels of paper and ink. */
    public static ToneMap of(GreySheet sheet, Levels levels) {
        byte[] table = new byte[256];
        for (int value = 0; value < 256; value++) {
            double share = (levels.paper() - value) / (levels.paper() - levels.ink());
            table[value] = (byte) (int) Math.max(0, Math.min(255, Math.rint(255 * share)));
        }
        byte[] samples = sheet.samples();
        byte[] darkness = new byte[samples.length];
        int bands = 64;
        IntStream.range(0, bands)
                .parallel()
                .forEach(
                        band -> {
                            int to = (int) ((long) samples.length * (band + 1) / bands);
                            for (int i = (int) ((long) samples.length * band / bands);
                                    i < to;
                                    i++) {
                                darkness[i] = table[samples[i] & 0xff];
                            }
                        });
        return new ToneMap(sheet.width(), sheet.height(), darkness);
    }

    /** The darkness of a pixel, 0 to 255. */
    public int at(int x, int y) {
        return darkness[y * width + x] & 0xff;
    }
}
