package neattrace.standin.scanner;

import java.util.Arrays;
import java.util.SplittableRandom;

/** Uneven light, the strip at the edge, dust, a smudge and a faint postmark. */
final class Blemishes {

    /** Beyond this many widths a bell curve has faded below the last bit. */
    private static final double FADED = 4;

    private final int width;
    private final int height;
    private final ScanSettings settings;
    private final double pxPerMm;
    private final double[] dustX;
    private final double[] dustY;
    private final double[] dustRadius;
    private final int[][] dustByRow;

    Blemishes(int width, int height, ScanSettings settings) {
        this.width = width;
        this.height = height;
        this.settings = settings;
        this.pxPerMm = settings.ppi() / 25.4;
        SplittableRandom chance = new SplittableRandom(settings.seed());
        dustX = new double[settings.dust()];
        dustY = new double[settings.dust()];
        dustRadius = new double[settings.dust()];
        dustByRow = new int[height][];
        for (int i = 0; i < settings.dust(); i++) {
            dustX[i] = chance.nextDouble() * width;
            dustY[i] = chance.nextDouble() * height;
            dustRadius[i] = (0.03 + 0.05 * chance.nextDouble()) * pxPerMm;
            note(i);
        }
    }

    private void note(int speck) {
        int from = (int) Math.max(0, dustY[speck] - dustRadius[speck] - 1);
        int to = (int) Math.min(height - 1, dustY[speck] + dustRadius[speck] + 1);
        for (int y = from; y <= to; y++) {
            int[] known = dustByRow[y] == null ? new int[0] : dustByRow[y];
            dustByRow[y] = Arrays.copyOf(known, known.length + 1);
            dustByRow[y][known.length] = speck;
        }
    }

    /** Share of the light that reaches a place. */
    double light(int x, int y) {
        double across = (double) x / width;
        double down = (double) y / height;
        double even = 1 - settings.falloff() * (across * across + down * down) / 2;
        double edge = x / (9 * pxPerMm);
        return edge > FADED ? even : even * (1 - settings.strip() * Math.exp(-edge * edge));
    }

    /** How dark the paper is stained, 0 to 1. */
    double darkness(int x, int y) {
        double dark = 0;
        if (dustByRow[y] != null) {
            for (int i : dustByRow[y]) {
                double d = Math.hypot(x + 0.5 - dustX[i], y + 0.5 - dustY[i]) - dustRadius[i];
                dark = Math.max(dark, 0.75 * Math.max(0, Math.min(1, 0.5 - d)));
            }
        }
        return Math.max(dark, Math.max(smudge(x, y), postmark(x, y)));
    }

    private double smudge(int x, int y) {
        double dx = (x - 0.86 * width) / (7 * pxPerMm);
        double dy = (y - 0.91 * height) / (3 * pxPerMm);
        double d = dx * dx + dy * dy + 0.5 * dx * dy;
        return d > FADED * FADED ? 0 : settings.smudge() * Math.exp(-d);
    }

    /** Two faint rings and three bars in the upper right corner. */
    private double postmark(int x, int y) {
        double dx = (x - 0.9 * width) / pxPerMm;
        double dy = (y - 0.08 * height) / pxPerMm;
        if (Math.abs(dx) > 8 || Math.abs(dy) > 8) {
            return 0;
        }
        double r = Math.hypot(dx, dy);
        boolean ring = Math.abs(r - 7) < 0.35 || Math.abs(r - 4.6) < 0.25;
        boolean bar = r < 4.2 && Math.abs(Math.abs(dy) - (Math.abs(dy) < 0.8 ? 0 : 1.8)) < 0.25;
        return ring || bar ? settings.smudge() : 0;
    }
}
