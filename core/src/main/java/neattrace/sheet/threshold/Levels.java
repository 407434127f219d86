package neattrace.sheet.threshold;

import java.util.BitSet;
import neattrace.array.Counts;
import neattrace.raster.GreySheet;
import neattrace.sheet.LightRecipe;

/**
 * Where paper and ink lie on an evened sheet.
 *
 * @param paper brightness of bare paper, 0 to 255
 * @param ink brightness of solid ink
 * @param noise median difference of neighbouring paper pixels
 * @param rough share of the paper's pixels that are not of one tone, 0 to 1; lossy files have
 *     hardly any noise left and are rough all the same
 * @param found false if the sheet is of one tone: nothing parts ink from paper
 */
public record Levels(double paper, double ink, double noise, double rough, boolean found) {

    /** Ink and paper closer together than this (of 255) are one tone. */
    private static final double ONE_TONE = 24;

    /** Paper is what is brighter than this share of its usual tone. */
    private static final double PAPER_SHARE = 0.8;

    /** Paper whose neighbouring pixels differ more than this (median, of 255) has grain. */
    private static final double NOISY = 0.9;

    private static final double ROUGH = 0.12;

    /** So many of the places where ink is darkest along a row are darker than solid ink. */
    private static final double RIDGE = 0.35;

    /**
     * Measures.
     *
     * @param ignored pixels that count neither as paper nor as ink
     */
    public static Levels measure(GreySheet sheet, BitSet ignored) {
        long[] histogram = sheet.histogram();
        for (int i = ignored.nextSetBit(0); i >= 0; i = ignored.nextSetBit(i + 1)) {
            histogram[sheet.samples()[i] & 0xff]--;
        }
        int otsu = Otsu.threshold(histogram);
        double tone = Counts.quantile(histogram, 0, 255, 0.5);
        if (otsu < 0) {
            return new Levels(tone, tone, 0, 0, false);
        }
        double paper = Counts.quantile(histogram, otsu + 1, 255, 0.5);
        double ink = Counts.quantile(ridges(sheet, ignored, otsu), 0, otsu, RIDGE);
        if (paper - ink < ONE_TONE) {
            return new Levels(tone, tone, 0, 0, false);
        }
        return new Levels(paper, ink, noise(sheet, paper), rough(histogram, paper), true);
    }

    /**
     * The darkest of each crossing of ink, in a sample of rows: what lies on the slopes of edges is
     * not the ink's own darkness.
     */
    private static long[] ridges(GreySheet sheet, BitSet ignored, int otsu) {
        long[] counts = new long[256];
        int step = Math.max(1, sheet.height() / 400);
        boolean any = !ignored.isEmpty();
        for (int y = 0; y < sheet.height(); y += step) {
            for (int x = 0; x < sheet.width(); x++) {
                int value = sheet.at(x, y);
                boolean darkest =
                        value <= otsu
                                && (x == 0 || value <= sheet.at(x - 1, y))
                                && (x + 1 == sheet.width() || value <= sheet.at(x + 1, y));
                if (darkest && !(any && ignored.get(y * sheet.width() + x))) {
                    counts[value]++;
                }
            }
        }
        return counts;
    }

    /** The same with what a user set by hand instead of what was measured. */
    public Levels with(LightRecipe recipe) {
        double white = recipe.paper() == LightRecipe.MEASURED ? paper : recipe.paper();
        double black = recipe.ink() == LightRecipe.MEASURED ? ink : recipe.ink();
        if (white == paper && black == ink) {
            return this;
        }
        return new Levels(
                white, Math.min(black, white - LightRecipe.LEAST_CONTRAST), noise, rough, true);
    }

    private static double rough(long[] histogram, double paper) {
        long total = 0;
        long off = 0;
        for (int value = (int) (paper * PAPER_SHARE) + 1; value < 256; value++) {
            total += histogram[value];
            off += Math.abs(value - paper) > 1 ? histogram[value] : 0;
        }
        return total == 0 ? 0 : (double) off / total;
    }

    /** Whether the scan has grain, dust and the like, as scans on paper have. */
    public boolean isNoisy() {
        return noise > NOISY || rough > ROUGH;
    }

    /** Median absolute difference of neighbours on paper, from a sample of rows. */
    private static double noise(GreySheet sheet, double paper) {
        long[] differences = new long[256];
        long total = 0;
        int step = Math.max(1, sheet.height() / 400);
        double least = paper * PAPER_SHARE;
        for (int y = 0; y < sheet.height(); y += step) {
            for (int x = 1; x < sheet.width(); x++) {
                int a = sheet.at(x - 1, y);
                int b = sheet.at(x, y);
                if (a > least && b > least) {
                    differences[Math.abs(a - b)]++;
                    total++;
                }
            }
        }
        return total > 0 ? Counts.quantile(differences, 0.5) : 0;
    }
}
