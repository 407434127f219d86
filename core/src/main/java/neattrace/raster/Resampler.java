package neattrace.raster;

import java.util.stream.IntStream;
import neattrace.geom.Homography;
import neattrace.stage.Progress;

/**
 * Samples a picture of one byte a pixel on another grid. Linear in target pixels; rows run in
 * parallel. A shift by whole pixels copies and changes no value.
 */
public final class Resampler {

    /** The kernel is tabled so finely that rounding stays below a quarter of a grey level. */
    private static final int FINE = 1024;

    /** One pixel in the whole numbers that places are counted in. */
    private static final double ONE = 1L << 32;

    private static final float[] KERNEL = kernel();

    private Resampler() {}

    /**
     * Resamples.
     *
     * @param samples of the source, row by row
     * @param toSource from target to source, both in pixels with pixel (i, j) covering [i, i+1) x
     *     [j, j+1)
     * @param width of the target
     * @param height of the target
     * @param beyond the value of everything beyond the source's edges
     */
    public static byte[] resample(
            byte[] samples,
            int sourceWidth,
            int sourceHeight,
            Homography toSource,
            int width,
            int height,
            byte beyond,
            Progress progress) {
        Grid source = new Grid(samples, sourceWidth, sourceHeight, beyond);
        byte[] target = new byte[width * height];
        int bands = Math.max(1, Math.min(height, 64));
        for (int half = 0; half < 4; half++) {
            progress.report("Straightening", half / 4.0);
            int quarter = half;
            IntStream.range(quarter * bands / 4, (quarter + 1) * bands / 4)
                    .parallel()
                    .forEach(
                            band -> {
                                int from = (int) ((long) height * band / bands);
                                int to = (int) ((long) height * (band + 1) / bands);
                                for (int y = from; y < to; y++) {
                                    if (toSource.isWholeShift()) {
                                        source.copy(toSource, y, width, target);
                                    } else {
                                        source.sample(toSource, y, width, target);
                                    }
                                }
                            });
        }
        return target;
    }

    private static float[] kernel() {
        float[] table = new float[FINE * 4];
        for (int k = 0; k < FINE; k++) {
            double t = (k + 0.5) / FINE;
            table[4 * k] = (float) (((-0.5 * t + 1) * t - 0.5) * t);
            table[4 * k + 1] = (float) ((1.5 * t - 2.5) * t * t + 1);
            table[4 * k + 2] = (float) (((-1.5 * t + 2) * t + 0.5) * t);
            table[4 * k + 3] = (float) ((0.5 * t - 0.5) * t * t);
        }
        return table;
    }

    private record Grid(byte[] samples, int width, int height, byte beyond) {

        void copy(Homography shift, int y, int targetWidth, byte[] target) {
            int dx = (int) Math.rint(shift.c() / shift.i());
            int sy = y + (int) Math.rint(shift.f() / shift.i());
            for (int x = 0; x < targetWidth; x++) {
                int sx = x + dx;
                boolean inside = sx >= 0 && sy >= 0 && sx < width && sy < height;
                target[y * targetWidth + x] = inside ? samples[sy * width + sx] : beyond;
            }
        }

        void sample(Homography map, int y, int targetWidth, byte[] target) {
            if (map.isAffine()) {
                sampleAffine(map, y, targetWidth, target);
                return;
            }
            double cy = y + 0.5;
            for (int x = 0; x < targetWidth; x++) {
                double cx = x + 0.5;
                double w = map.g() * cx + map.h() * cy + map.i();
                double u = (map.a() * cx + map.b() * cy + map.c()) / w - 0.5;
                double v = (map.d() * cx + map.e() * cy + map.f()) / w - 0.5;
                boolean near = u > -2 && v > -2 && u < width + 1.0 && v < height + 1.0;
                target[y * targetWidth + x] =
                        near ? at((long) (u * ONE), (long) (v * ONE)) : beyond;
            }
        }

        /** Along a row both source coordinates grow evenly: whole numbers do, and are quicker. */
        private void sampleAffine(Homography map, int y, int targetWidth, byte[] target) {
            double cy = y + 0.5;
            double u0 = (map.a() * 0.5 + map.b() * cy + map.c()) / map.i() - 0.5;
            double v0 = (map.d() * 0.5 + map.e() * cy + map.f()) / map.i() - 0.5;
            long u = Math.round(u0 * ONE);
            long v = Math.round(v0 * ONE);
            long du = Math.round(map.a() / map.i() * ONE);
            long dv = Math.round(map.d() / map.i() * ONE);
            int base = y * targetWidth;
            for (int x = 0; x < targetWidth; x++) {
                target[base + x] = at(u, v);
                u += du;
                v += dv;
            }
        }

        /** The value at a place in 2^32nds of a pixel, counted between pixel centres. */
        private byte at(long u, long v) {
            int left = (int) (u >> 32);
            int top = (int) (v >> 32);
            int kx = (int) (u >>> 22 & FINE - 1) << 2;
            int ky = (int) (v >>> 22 & FINE - 1) << 2;
            if (left < 1 || top < 1 || left + 2 >= width || top + 2 >= height) {
                boolean near = left >= -2 && top >= -2 && left <= width && top <= height;
                return near ? nearEdge(left, top, kx, ky) : beyond;
            }
            float w0 = KERNEL[kx];
            float w1 = KERNEL[kx + 1];
            float w2 = KERNEL[kx + 2];
            float w3 = KERNEL[kx + 3];
            int base = (top - 1) * width + left - 1;
            float sum = 0.5f;
            for (int j = 0; j < 4; j++) {
                sum +=
                        KERNEL[ky + j]
                                * (w0 * (samples[base] & 0xff)
                                        + w1 * (samples[base + 1] & 0xff)
                                        + w2 * (samples[base + 2] & 0xff)
                                        + w3 * (samples[base + 3] & 0xff));
                base += width;
            }
            return (byte) (int) Math.max(0, Math.min(255, sum));
        }

        private byte nearEdge(int left, int top, int kx, int ky) {
            float sum = 0.5f;
            for (int j = 0; j < 4; j++) {
                float row = 0;
                for (int i = 0; i < 4; i++) {
                    row += KERNEL[kx + i] * (edge(left - 1 + i, top - 1 + j) & 0xff);
                }
                sum += KERNEL[ky + j] * row;
            }
            return (byte) (int) Math.max(0, Math.min(255, sum));
        }

        private byte edge(int x, int y) {
            return x < 0 || y < 0 || x >= width || y >= height ? beyond : samples[y * width + x];
        }
    }
}
