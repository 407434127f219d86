package neattrace.standin.scanner;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.DoubleSupplier;
import neattrace.geom.Point;
import neattrace.raster.DistanceTransform;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;

/**
 * Scans pictures of known coverage under any conditions. The same seed gives the same scan to the
 * last bit.
 */
public final class ScanSimulator {

    /** Dust keeps so far from ink, and as much more as the blur spreads: touching, it is a dent. */
    private static final double CLEAR_PX = 1.5;

    private final int width;
    private final int height;
    private final ScanConditions how;
    private final SplittableRandom chance;
    private final float[] value;
    private final List<WornScan.Speck> dust = new ArrayList<>();
    private final List<WornScan.Speck> whites = new ArrayList<>();

    private ScanSimulator(int width, int height, ScanConditions how, long seed) {
        this.width = width;
        this.height = height;
        this.how = how;
        this.chance = new SplittableRandom(seed);
        this.value = new float[width * height];
    }

    /**
     * Scans.
     *
     * @param clean coverage: one byte a pixel, 0 ink to 255 paper
     */
    public static WornScan scan(GreySheet clean, ScanConditions how, long seed) {
        ScanSimulator scanner = new ScanSimulator(clean.width(), clean.height(), how, seed);
        scanner.lay(clean.samples());
        scanner.strew(clean);
        scanner.look();
        GreySheet sheet = scanner.record();
        return new WornScan(sheet, scanner.dust, scanner.whites);
    }

    /** Ink on paper. */
    private void lay(byte[] clean) {
        float[] ink = noise(how.inkTexture(), how.inkTexturePx());
        float[] grain = noise(how.grain(), 0.5);
        float[] blotch = noise(how.blotch(), how.blotchPx());
        for (int i = 0; i < value.length; i++) {
            double paper = how.paper() + grain[i] - Math.abs(blotch[i]);
            double dark = Math.max(0, how.ink() + ink[i]);
            double share = 1 - (clean[i] & 0xff) / 255.0;
            value[i] = (float) (paper * (1 - share) + dark * share);
        }
    }

    /** Gaussian noise of a standard deviation that hangs together over some pixels. */
    private float[] noise(double deviation, double sigma) {
        float[] out = new float[value.length];
        if (deviation <= 0) {
            return out;
        }
        int factor = (int) Math.max(1, sigma / 2);
        int w = width / factor + 2;
        int h = height / factor + 2;
        float[] coarse = new float[w * h];
        for (int i = 0; i < coarse.length; i++) {
            coarse[i] = (float) chance.nextGaussian();
        }
        FloatBlur.blur(coarse, w, h, sigma / factor);
        double sum = 0;
        for (float v : coarse) {
            sum += v * v;
        }
        float scale = (float) (deviation / Math.sqrt(sum / coarse.length));
        for (int y = 0; y < height; y++) {
            int row = y / factor;
            float down = (float) (y % factor) / factor;
            for (int x = 0; x < width; x++) {
                int at = row * w + x / factor;
                float across = (float) (x % factor) / factor;
                float top = coarse[at] * (1 - across) + coarse[at + 1] * across;
                float bottom = coarse[at + w] * (1 - across) + coarse[at + w + 1] * across;
                out[y * width + x] = scale * (top * (1 - down) + bottom * down);
            }
        }
        return out;
    }

    /** Specks and fibres, clear of the ink; bright specks, well within it. */
    private void strew(GreySheet clean) {
        byte[] coverage = new byte[value.length];
        for (int i = 0; i < coverage.length; i++) {
            coverage[i] = (byte) ~clean.samples()[i];
        }
        InkMap ink = new InkMap(width, height, coverage);
        DistanceTransform side = DistanceTransform.of(ink);
        double clear = CLEAR_PX + 2 * how.blurPx();
        for (int k = 0; k < how.dust(); k++) {
            WornScan.Speck speck = speck();
            int at = pixel(speck.at());
            if (!ink.isInk(at) && toInk(side, at) > speck.radius() + clear) {
                double share = chance.nextDouble(how.dustFrom(), how.dustTo() + 1e-9);
                blot(speck, how.paper() + (how.ink() - how.paper()) * share);
                dust.add(speck);
            }
        }
        for (int k = 0; k < how.fibres(); k++) {
            fibre(ink, side, clear);
        }
        for (int k = 0; k < how.whites() * 20; k++) {
            WornScan.Speck speck = speck();
            int at = pixel(speck.at());
            boolean within =
                    ink.isInk(at) && Math.sqrt(side.squaredToPaper(at)) > speck.radius() + clear;
            if (within && whites.size() < how.whites()) {
                blot(speck, how.ink() + (how.paper() - how.ink()) * chance.nextDouble(0.3, 1));
                whites.add(speck);
            }
        }
    }

    private WornScan.Speck speck() {
        double small = Math.log(how.dustFromPx());
        double large = Math.log(Math.max(how.dustToPx(), how.dustFromPx() * 1.01));
        double radius = Math.exp(chance.nextDouble(small, large)) / 2;
        return new WornScan.Speck(
                new Point(chance.nextDouble(width), chance.nextDouble(height)), radius);
    }

    private int pixel(Point p) {
        return (int) p.y() * width + (int) p.x();
    }

    private static double toInk(DistanceTransform side, int at) {
        int squared = side.squared(at);
        return squared == DistanceTransform.FAR ? Double.MAX_VALUE : Math.sqrt(squared);
    }

    /** A speck of irregular outline. */
    private void blot(WornScan.Speck speck, double tone) {
        double phase = chance.nextDouble(2 * Math.PI);
        double ragged = chance.nextDouble(0, 0.35);
        double reach = speck.radius() * (1 + ragged) + 1;
        for (int y = (int) (speck.at().y() - reach); y <= speck.at().y() + reach; y++) {
            for (int x = (int) (speck.at().x() - reach); x <= speck.at().x() + reach; x++) {
                double dx = x + 0.5 - speck.at().x();
                double dy = y + 0.5 - speck.at().y();
                double angle = Math.atan2(dy, dx);
                double radius = speck.radius() * (1 + ragged * Math.sin(3 * angle + phase));
                mix(x, y, tone, 0.5 + radius - Math.hypot(dx, dy));
            }
        }
    }

    private void mix(int x, int y, double tone, double share) {
        if (x >= 0 && y >= 0 && x < width && y < height && share > 0) {
            int i = y * width + x;
            value[i] += (float) ((tone - value[i]) * Math.min(1, share));
        }
    }

    /** A pale hair, half as wide as a pixel or a little more. */
    private void fibre(InkMap ink, DistanceTransform side, double clear) {
        double x = chance.nextDouble(width);
        double y = chance.nextDouble(height);
        double angle = chance.nextDouble(2 * Math.PI);
        double turn = chance.nextDouble(-0.05, 0.05);
        double tone = how.paper() + (how.ink() - how.paper()) * chance.nextDouble(0.1, 0.35);
        DoubleSupplier length = () -> chance.nextDouble(8, 60);
        for (double left = length.getAsDouble(); left > 0; left -= 0.5) {
            if (x < 0 || y < 0 || x >= width || y >= height) {
                return;
            }
            int at = (int) y * width + (int) x;
            if (ink.isInk(at) || toInk(side, at) < clear + 1) {
                return;
            }
            mix((int) x, (int) y, tone, 0.6);
            x += 0.5 * Math.cos(angle);
            y += 0.5 * Math.sin(angle);
            angle += turn;
        }
    }

    /** Light and lens. */
    private void look() {
        for (int i = 0; i < value.length; i++) {
            double across = (double) (i % width) / width;
            double down = (double) (i / width) / height;
            double light = 1 - how.falloff() * (across * across + down * down) / 2;
            double from = i % width / how.spinePx();
            value[i] *= (float) (light * (1 - how.spine() * Math.exp(-from * from)));
        }
        FloatBlur.blur(value, width, height, how.blurPx());
    }

    /** Sensor and file. */
    private GreySheet record() {
        byte[] samples = new byte[value.length];
        double half = (how.paper() + how.ink()) / 2;
        for (int i = 0; i < samples.length; i++) {
            double seen = value[i] + how.noise() * chance.nextGaussian();
            double kept = how.oneBit() ? (seen < half ? 0 : 255) : seen;
            samples[i] = (byte) (int) Math.max(0, Math.min(255, Math.rint(kept)));
        }
        GreySheet sheet = new GreySheet(width, height, samples);
        return how.jpeg() == 0 || how.oneBit() ? sheet : LossyFile.through(sheet, how.jpeg());
    }
}
