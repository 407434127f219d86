package neattrace.testing;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import javax.imageio.ImageIO;
import neattrace.raster.GreySheet;
import neattrace.raster.PngFile;

/** Picture files for tests, in memory. */
public final class Pictures {

    private Pictures() {}

    /** A PNG of a grey sheet that states its resolution. */
    public static byte[] png(GreySheet sheet, double ppi) {
        BufferedImage image =
                new BufferedImage(sheet.width(), sheet.height(), BufferedImage.TYPE_BYTE_GRAY);
        image.getRaster().setDataElements(0, 0, sheet.width(), sheet.height(), sheet.samples());
        return png(image, ppi);
    }

    /** A PNG of any image, without a resolution. */
    public static byte[] png(BufferedImage image) {
        return encode(image, "png");
    }

    /** A PNG of any image with a resolution. */
    public static byte[] png(BufferedImage image, double ppi) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            PngFile.write(image, ppi, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** An image in a format that ImageIO writes. */
    public static byte[] encode(BufferedImage image, String format) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            if (!ImageIO.write(image, format, out)) {
                throw new IllegalArgumentException("no writer for " + format);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** An image of one colour. */
    public static BufferedImage plain(int width, int height, int type, int argb) {
        BufferedImage image = new BufferedImage(width, height, type);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(x, y, argb);
            }
        }
        return image;
    }

    /** A lossless WebP of two black pixels beside two white ones. */
    public static byte[] webp() {
        return Base64.getDecoder()
                .decode("UklGRiAAAABXRUJQVlA4TBMAAAAvAUAAAA8w//M///MfeKhARP8DAA==");
    }
}
