package neattrace.standin.scanner;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import neattrace.raster.GreySheet;

/** Lossy files. */
final class LossyFile {

    private LossyFile() {}

    /** What is left of a sheet after a JPEG of some quality, 1 to 100. */
    static GreySheet through(GreySheet sheet, int quality) {
        BufferedImage image =
                new BufferedImage(sheet.width(), sheet.height(), BufferedImage.TYPE_BYTE_GRAY);
        image.getRaster().setDataElements(0, 0, sheet.width(), sheet.height(), sheet.samples());
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(quality / 100f);
            writer.write(null, new IIOImage(image, null, null), how);
            out.flush();
            BufferedImage back = ImageIO.read(new ByteArrayInputStream(bytes.toByteArray()));
            int[] grey =
                    back.getRaster()
                            .getSamples(0, 0, back.getWidth(), back.getHeight(), 0, (int[]) null);
            byte[] samples = new byte[grey.length];
            for (int i = 0; i < grey.length; i++) {
                samples[i] = (byte) grey[i];
            }
            return new GreySheet(sheet.width(), sheet.height(), samples);
        } catch (IOException e) {
            throw new UncheckedIOException("a JPEG could not be made in memory", e);
        } finally {
            writer.dispose();
        }
    }
}
