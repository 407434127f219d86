package neattrace.sheet.light;

import java.util.BitSet;
import neattrace.raster.GreySheet;

/** What single tiles of a sheet tell about its paper. */
final class TileMeter {

    /** A tile speaks for the paper if it has at least this share of flat pixels. */
    private static final double LEAST_FLAT = 0.04;

    /** Within so many pixels either way light does not change by this share of itself; ink does. */
    private static final int SHARP_PX = 2;

    private static final double SHARP = 0.18;

    /** A tile with an edge has at least this share of sharp pixels. */
    private static final double LEAST_STEEP = 0.012;

    private static final int FEW_STEEP = 4;

    /** A tile whose bright tone covers less than this of it is an edge of ink, not paper. */
    private static final double LEAST_SHARE = 0.18;

    /** Within a tile, what is darker than this share of its bright flat pixels is not paper. */
    private static final double SAME_TONE = 0.72;

    private static final double SAME_TONE_AT_EDGES = 0.88;

    /** Of larger tiles only about so many pixels across and down are looked at. */
    private static final int ENOUGH_ALONG = 20;

    private final GreySheet sheet;
    private final BitSet ignored;
    private final int flatness;

    /**
     * What a tile tells.
     *
     * @param paper mean brightness of its paper, or NaN
     * @param share share of it that is paper
     * @param sharp whether an edge runs through it that is too sharp for a shadow's
     */
    record Tile(double paper, double share, boolean sharp) {}

    TileMeter(GreySheet sheet, BitSet ignored) {
        this.sheet = sheet;
        this.ignored = ignored;
        this.flatness = flatness(sheet);
    }

    /** How far neighbours on flat paper differ, with the scan's grain. */
    private static int flatness(GreySheet sheet) {
        long[] counts = new long[256];
        long total = 0;
        int step = Math.max(1, sheet.height() / 300);
        for (int y = 0; y < sheet.height(); y += step) {
            for (int x = 1; x < sheet.width(); x++) {
                counts[Math.abs(sheet.at(x, y) - sheet.at(x - 1, y))]++;
                total++;
            }
        }
        int median = 0;
        long seen = counts[0];
        while (seen * 2 < total) {
            seen += counts[++median];
        }
        return 3 + 2 * median;
    }

    Tile measure(int x0, int y0, int x1, int y1) {
        int step = Math.max(1, Math.min(x1 - x0, y1 - y0) / ENOUGH_ALONG);
        boolean any = !ignored.isEmpty();
        int[] counts = new int[256];
        int flat = 0;
        int steep = 0;
        int area = 0;
        int w = sheet.width();
        byte[] s = sheet.samples();
        for (int y = y0; y < y1; y += step) {
            int up = y > 0 ? -w : w;
            int down = y + 1 < sheet.height() ? w : -w;
            area += (x1 - x0 + step - 1) / step;
            for (int x = x0; x < x1; x += step) {
                int i = y * w + x;
                int v = s[i] & 0xff;
                int left = s[x > 0 ? i - 1 : i] & 0xff;
                int right = s[x + 1 < w ? i + 1 : i] & 0xff;
                boolean single = sheet.height() == 1;
                int above = single ? v : s[i + up] & 0xff;
                int below = single ? v : s[i + down] & 0xff;
                boolean even =
                        Math.abs(v - left) <= flatness
                                && Math.abs(v - right) <= flatness
                                && Math.abs(v - above) <= flatness
                                && Math.abs(v - below) <= flatness;
                if (!even) {
                    steep += isSteep(s, i, x, y, w, sheet.height(), flatness) ? 1 : 0;
                } else if (!(any && ignored.get(i))) {
                    counts[v]++;
                    flat++;
                }
            }
        }
        boolean sharp = steep > Math.max(FEW_STEEP, LEAST_STEEP * area);
        if (flat < LEAST_FLAT * area || flat == 0) {
            return new Tile(Double.NaN, 0, sharp);
        }
        int bright = 255;
        int seen = counts[255];
        while (seen < flat * 0.1 && bright > 0) {
            seen += counts[--bright];
        }
        double sum = 0;
        int count = 0;
        // Beside an edge the tones between ink and paper belong to neither.
        double same = sharp ? SAME_TONE_AT_EDGES : SAME_TONE;
        for (int v = (int) (same * bright); v < 256; v++) {
            sum += (double) v * counts[v];
            count += counts[v];
        }
        if (count < LEAST_SHARE * area) {
            return new Tile(Double.NaN, 0, sharp);
        }
        return new Tile(sum / count, (double) count / area, sharp);
    }

    private static boolean isSteep(
            byte[] s, int i, int x, int y, int width, int height, int flatness) {
        int across =
                x < SHARP_PX || x + SHARP_PX >= width
                        ? 0
                        : Math.abs((s[i + SHARP_PX] & 0xff) - (s[i - SHARP_PX] & 0xff));
        int far = SHARP_PX * width;
        int down =
                y < SHARP_PX || y + SHARP_PX >= height
                        ? 0
                        : Math.abs((s[i + far] & 0xff) - (s[i - far] & 0xff));
        return Math.max(across, down) > SHARP * (s[i] & 0xff) + 2 * flatness;
    }
}
