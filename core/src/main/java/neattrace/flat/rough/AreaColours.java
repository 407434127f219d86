package neattrace.flat.rough;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import neattrace.press.colour.Rgb;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.region.AreaMap;

/** Counts the rough's colours beneath each area. */
final class AreaColours {

    /** Bits of each colour part that make a bin. */
    private static final int BITS = 4;

    /** For each area, for each bin: how often, and the sums of red, green and blue. */
    private final Map<Integer, Map<Integer, long[]>> bins = new HashMap<>();

    private AreaColours() {}

    static AreaColours count(AreaMap areas, InkMap ink, Picture rough) {
        AreaColours colours = new AreaColours();
        int width = areas.width();
        int height = areas.height();
        int lastLabel = -1;
        Map<Integer, long[]> lastBins = null;
        for (int y = 0; y < height; y++) {
            int roughY = (int) ((y + 0.5) * rough.height() / height);
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                if (ink.isInk(i)) {
                    continue;
                }
                int label = areas.labels()[i];
                if (label != lastLabel) {
                    lastLabel = label;
                    lastBins = colours.bins.computeIfAbsent(label, id -> new HashMap<>());
                }
                add(lastBins, rough.rgbAt((int) ((x + 0.5) * rough.width() / width), roughY));
            }
        }
        return colours;
    }

    private static void add(Map<Integer, long[]> bins, int rgb) {
        int r = rgb >> 16 & 0xff;
        int g = rgb >> 8 & 0xff;
        int b = rgb & 0xff;
        int shift = 8 - BITS;
        int bin = (r >> shift) << 2 * BITS | (g >> shift) << BITS | b >> shift;
        long[] sums = bins.computeIfAbsent(bin, id -> new long[4]);
        sums[0]++;
        sums[1] += r;
        sums[2] += g;
        sums[3] += b;
    }

    /** The colour that occurs most often beneath an area; empty if it has no paper. */
    Optional<Rgb> usual(int label) {
        Map<Integer, long[]> counts = bins.get(label);
        if (counts == null) {
            return Optional.empty();
        }
        return counts.values().stream()
                // Ties go to the darker bin, so that the result does not hang on map order.
                .max((a, b) -> a[0] != b[0] ? Long.compare(a[0], b[0]) : -Arrays.compare(a, b))
                .map(
                        sums ->
                                new Rgb(
                                        (int) ((sums[1] + sums[0] / 2) / sums[0]),
                                        (int) ((sums[2] + sums[0] / 2) / sums[0]),
                                        (int) ((sums[3] + sums[0] / 2) / sums[0])));
    }
}
