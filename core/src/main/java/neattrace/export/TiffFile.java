package neattrace.export;

import java.awt.image.RenderedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Iterator;
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

/** Pictures as TIFF with their resolution (TIFF 6.0). */
final class TiffFile {

    static final String GROUP_4 = "CCITT T.6";
    static final String LZW = "LZW";

    /** The TIFF writer that comes with Java and knows Group 4. */
    private static final String WRITER = "com.sun.imageio.plugins.tiff";

    private TiffFile() {}

    /**
     * Writes one; {@code out} stays open.
     *
     * @param compression {@link #GROUP_4} for one bit, {@link #LZW} for any
     */
    static void write(RenderedImage image, double ppi, String compression, OutputStream out)
            throws IOException {
        ImageWriter writer = writer();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionType(compression);
            IIOMetadata metadata =
                    writer.getDefaultImageMetadata(
                            ImageTypeSpecifier.createFromRenderedImage(image), how);
            TIFFDirectory directory = TIFFDirectory.createFromMetadata(metadata);
            put(directory, BaselineTIFFTagSet.TAG_X_RESOLUTION, ppi);
            put(directory, BaselineTIFFTagSet.TAG_Y_RESOLUTION, ppi);
            TIFFTag unit =
                    BaselineTIFFTagSet.getInstance().getTag(BaselineTIFFTagSet.TAG_RESOLUTION_UNIT);
            directory.addTIFFField(new TIFFField(unit, BaselineTIFFTagSet.RESOLUTION_UNIT_INCH));
            if (compression.equals(GROUP_4)) {
                // One strip: every strip starts its coding afresh.
                TIFFTag rows =
                        BaselineTIFFTagSet.getInstance()
                                .getTag(BaselineTIFFTagSet.TAG_ROWS_PER_STRIP);
                directory.addTIFFField(new TIFFField(rows, image.getHeight()));
            }
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
