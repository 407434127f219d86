package neattrace.export;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.IndexColorModel;
import java.io.IOException;
import java.io.OutputStream;
import java.util.stream.IntStream;
import neattrace.geom.Homography;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import neattrace.raster.Gaussian;
import neattrace.raster.InkMap;
import neattrace.raster.PngFile;
import neattrace.raster.Resampler;
import neattrace.stage.Progress;

/** Writes an ink map as black and white. */
public final class OneBitWriter {

    /** The largest picture written, px. */
    public static final long MAX_PIXELS = 1_000_000_000L;

    private OneBitWriter() {}

    /** File formats. */
    public enum Format {
        TIFF,
        PNG
    }

    /**
     * Writes.
     *
     * @param plan a sheet's ink, of {@link neattrace.print.Plans#oneBit}
     * @param outPpi of the picture; another one than the map's is made from the map's coverage, so
     *     that edges stay smooth
     * @throws IOException if it cannot be written
     * @throws IllegalArgumentException if the picture would have more than {@value #MAX_PIXELS} px
     */
    public static void write(PrintPlan plan, double outPpi, Format format, OutputStream out)
            throws IOException {
        PrintShape.Bitmap ink = bitmap(plan);
        BufferedImage image = image(scaled(ink.ink(), outPpi / ink.ppi()));
        if (format == Format.PNG) {
            PngFile.write(image, outPpi, out);
        } else {
            TiffFile.write(image, outPpi, TiffFile.GROUP_4, out);
        }
    }

    private static PrintShape.Bitmap bitmap(PrintPlan plan) {
        for (PrintLayer layer : plan.layers()) {
            for (PrintObject object : layer.objects()) {
                if (object.shape() instanceof PrintShape.Bitmap bitmap) {
                    return bitmap;
                }
            }
        }
        throw new IllegalArgumentException("there are no pixels in the plan");
    }

    /** The map at another size; the same map at the same size. */
    static InkMap scaled(InkMap map, double factor) {
        long width = Math.max(1, Math.round(map.width() * factor));
        long height = Math.max(1, Math.round(map.height() * factor));
        if (width * height > MAX_PIXELS) {
            throw new IllegalArgumentException(
                    "The picture would have more than a thousand million pixels. Choose a lower"
                            + " resolution.");
        }
        if (width == map.width() && height == map.height()) {
            return map;
        }
        byte[] coverage = map.coverage();
        if (factor < 0.8) {
            coverage = Gaussian.blur(coverage, map.width(), map.height(), 0.35 / factor);
        }
        Homography toMap =
                new Homography(
                        (double) map.width() / width,
                        0,
                        0,
                        0,
                        (double) map.height() / height,
                        0,
                        0,
                        0,
                        1);
        byte[] scaled =
                Resampler.resample(
                        coverage,
                        map.width(),
                        map.height(),
                        toMap,
                        (int) width,
                        (int) height,
                        (byte) 0,
                        Progress.SILENT);
        return new InkMap((int) width, (int) height, scaled);
    }

    /** Bit 1 is ink, as in fax. */
    private static BufferedImage image(InkMap map) {
        byte[] tones = {(byte) 255, 0};
        IndexColorModel whiteThenBlack = new IndexColorModel(1, 2, tones, tones, tones);
        BufferedImage image =
                new BufferedImage(
                        map.width(), map.height(), BufferedImage.TYPE_BYTE_BINARY, whiteThenBlack);
        byte[] bits = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        int stride = (map.width() + 7) / 8;
        IntStream.range(0, map.height())
                .parallel()
                .forEach(
                        y -> {
                            for (int x = 0; x < map.width(); x++) {
                                if (map.isInk(y * map.width() + x)) {
                                    bits[y * stride + x / 8] |= (byte) (0x80 >> x % 8);
                                }
                            }
                        });
        return image;
    }
}
