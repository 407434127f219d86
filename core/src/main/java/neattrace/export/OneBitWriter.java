package neattrace.export;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.IndexColorModel;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Iterator;
import java.util.stream.IntStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.plugins.tiff.BaselineTIFFTagSet;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFField;
import javax.imageio.plugins.tiff.TIFFTag;
import javax.imageio.stream.ImageOutputStream;
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

    private static final String GROUP_4 = "CCITT T.6";

    /** The TIFF writer that comes with Java and knows Group 4. */
    private static final String WRITER = "com.sun.imageio.plugins.tiff";

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
            tiff(image, outPpi, out);
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

    private static void tiff(BufferedImage image, double ppi, OutputStream out) throws IOException {
        ImageWriter writer = writer();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionType(GROUP_4);
            IIOMetadata metadata =
                    writer.getDefaultImageMetadata(
                            ImageTypeSpecifier.createFromRenderedImage(image), how);
            TIFFDirectory directory = TIFFDirectory.createFromMetadata(metadata);
            put(directory, BaselineTIFFTagSet.TAG_X_RESOLUTION, ppi);
            put(directory, BaselineTIFFTagSet.TAG_Y_RESOLUTION, ppi);
            TIFFTag unit =
                    BaselineTIFFTagSet.getInstance().getTag(BaselineTIFFTagSet.TAG_RESOLUTION_UNIT);
            directory.addTIFFField(new TIFFField(unit, BaselineTIFFTagSet.RESOLUTION_UNIT_INCH));
            // One strip: every strip starts its coding afresh.
            TIFFTag rows =
                    BaselineTIFFTagSet.getInstance().getTag(BaselineTIFFTagSet.TAG_ROWS_PER_STRIP);
            directory.addTIFFField(new TIFFField(rows, image.getHeight()));
            writer.write(null, new IIOImage(image, null, directory.getAsMetadata()), how);
        } finally {
            writer.dispose();
        }
    }

    private static void put(TIFFDirectory directory, int number, double ppi) {
        TIFFTag tag = BaselineTIFFTagSet.getInstance().getTag(number);
        long[][] ratio = {{Math.round(ppi * 1000), 1000}};
        directory.addTIFFField(new TIFFField(tag, TIFFTag.TIFF_RATIONAL, 1, ratio));
    }

    private static ImageWriter writer() throws IOException {
        Iterator<ImageWriter> writers = ImageIO.getImageWritersByFormatName("tiff");
        while (writers.hasNext()) {
            ImageWriter writer = writers.next();
            if (writer.getClass().getName().startsWith(WRITER)) {
                return writer;
            }
            writer.dispose();
        }
        throw new IOException("This Java has no TIFF writer.");
    }
}
