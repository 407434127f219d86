package neattrace.testing;

import java.util.Arrays;
import java.util.SplittableRandom;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;

/** Small sheets for tests. */
public final class Sheets {

    private Sheets() {}

    /** An ink map from rows of text: {@code #} is ink, everything else paper. */
    public static InkMap map(String... rows) {
        int width = rows[0].length();
        byte[] coverage = new byte[width * rows.length];
        for (int y = 0; y < rows.length; y++) {
            for (int x = 0; x < width; x++) {
                coverage[y * width + x] = rows[y].charAt(x) == '#' ? (byte) 255 : 0;
            }
        }
        return new InkMap(width, rows.length, coverage);
    }

    /** Random black and white blocks of two by two pixels, so that shapes have some body. */
    public static InkMap blocks(long seed, int side, double share) {
        SplittableRandom chance = new SplittableRandom(seed);
        byte[] coverage = new byte[side * side];
        for (int y = 0; y + 1 < side; y += 2) {
            for (int x = 0; x + 1 < side; x += 2) {
                byte value = chance.nextDouble() < share ? (byte) 255 : 0;
                coverage[y * side + x] = value;
                coverage[y * side + x + 1] = value;
                coverage[(y + 1) * side + x] = value;
                coverage[(y + 1) * side + x + 1] = value;
            }
        }
        return new InkMap(side, side, coverage);
    }

    /** A disc of ink with exact coverage by 16 x 16 samples a pixel. */
    public static InkMap disc(int side, double cx, double cy, double radius) {
        byte[] coverage = new byte[side * side];
        int fine = 16;
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                int hits = 0;
                for (int v = 0; v < fine; v++) {
                    for (int u = 0; u < fine; u++) {
                        double dx = x + (u + 0.5) / fine - cx;
                        double dy = y + (v + 0.5) / fine - cy;
                        hits += dx * dx + dy * dy <= radius * radius ? 1 : 0;
                    }
                }
                coverage[y * side + x] = (byte) Math.round(255.0 * hits / fine / fine);
            }
        }
        return new InkMap(side, side, coverage);
    }

    /** A grey sheet of one tone. */
    public static GreySheet plain(int width, int height, int tone) {
        byte[] samples = new byte[width * height];
        Arrays.fill(samples, (byte) tone);
        return new GreySheet(width, height, samples);
    }

    /** White paper with a black frame of the given thickness, {@code margin} px from the edges. */
    public static GreySheet framed(int width, int height, int margin, int thickness) {
        GreySheet sheet = plain(width, height, 255);
        for (int y = margin; y < height - margin; y++) {
            for (int x = margin; x < width - margin; x++) {
                boolean inside =
                        x >= margin + thickness
                                && y >= margin + thickness
                                && x < width - margin - thickness
                                && y < height - margin - thickness;
                if (!inside) {
                    sheet.samples()[y * width + x] = 0;
                }
            }
        }
        return sheet;
    }
}
