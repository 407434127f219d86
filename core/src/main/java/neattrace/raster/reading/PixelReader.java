package neattrace.raster.reading;

import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBufferByte;
import java.awt.image.IndexColorModel;
import java.awt.image.Raster;
import java.util.List;
import neattrace.raster.GreySheet;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;

/** Copies the pixels of an AWT image into a {@link Picture}, row by row. */
final class PixelReader {

    private PixelReader() {}

    static Picture picture(
            BufferedImage image, Resolution resolution, String format, List<String> notes) {
        Pixels pixels = read(image);
        return new Picture(pixels.grey(), pixels.rgb(), resolution, format, notes);
    }

    private static Pixels read(BufferedImage image) {
        if (image.getColorModel() instanceof IndexColorModel) {
            return PalettePixels.of(image);
        }
        int width = image.getWidth();
        int height = image.getHeight();
        byte[] grey = new byte[width * height];
        if (isPlainGrey(image)) {
            copyGrey(image, grey);
            return new Pixels(width, height, grey);
        }
        if (isDeepGrey(image)) {
            copyDeepGrey(image.getRaster(), grey);
            return new Pixels(width, height, grey);
        }
        if (isGreyWithAlpha(image)) {
            copyGreyOverPaper(image.getRaster(), grey);
            return new Pixels(width, height, grey);
        }
        int[] rgb = new int[width * height];
        boolean anyColour = false;
        int[] row = new int[width];
        for (int y = 0; y < height; y++) {
            image.getRGB(0, y, width, 1, row, 0, width);
            anyColour |= copyColour(row, y * width, grey, rgb);
        }
        return new Pixels(new GreySheet(width, height, grey), anyColour ? rgb : new int[0]);
    }

    private static boolean isPlainGrey(BufferedImage image) {
        return image.getType() == BufferedImage.TYPE_BYTE_GRAY;
    }

    private static boolean isDeepGrey(BufferedImage image) {
        return image.getType() == BufferedImage.TYPE_USHORT_GRAY;
    }

    /** AWT takes grey for linear light and would bend it on its way to red, green and blue. */
    private static boolean isGreyWithAlpha(BufferedImage image) {
        return image.getColorModel().hasAlpha()
                && !image.isAlphaPremultiplied()
                && image.getColorModel() instanceof ComponentColorModel
                && image.getColorModel().getColorSpace().getType() == ColorSpace.TYPE_GRAY
                && image.getRaster().getNumBands() == 2;
    }

    private static void copyGreyOverPaper(Raster raster, byte[] grey) {
        int width = raster.getWidth();
        int most = (1 << raster.getSampleModel().getSampleSize(0)) - 1;
        int[] row = new int[2 * width];
        for (int y = 0; y < raster.getHeight(); y++) {
            raster.getPixels(0, y, width, 1, row);
            for (int x = 0; x < width; x++) {
                long value = row[2 * x];
                long alpha = row[2 * x + 1];
                long over = (value * alpha + (long) most * (most - alpha)) * 255;
                long all = (long) most * most;
                grey[y * width + x] = (byte) ((over + all / 2) / all);
            }
        }
    }

    /** The stored values as they are: AWT's own conversion would bend linear grey. */
    private static void copyGrey(BufferedImage image, byte[] grey) {
        Raster raster = image.getRaster();
        if (raster.getDataBuffer() instanceof DataBufferByte data
                && data.getSize() == grey.length
                && raster.getParent() == null) {
            System.arraycopy(data.getData(), 0, grey, 0, grey.length);
            return;
        }
        int width = image.getWidth();
        int[] row = new int[width];
        for (int y = 0; y < image.getHeight(); y++) {
            raster.getSamples(0, y, width, 1, 0, row);
            for (int x = 0; x < width; x++) {
                grey[y * width + x] = (byte) row[x];
            }
        }
    }

    private static void copyDeepGrey(Raster raster, byte[] grey) {
        int width = raster.getWidth();
        int[] row = new int[width];
        for (int y = 0; y < raster.getHeight(); y++) {
            raster.getSamples(0, y, width, 1, 0, row);
            for (int x = 0; x < width; x++) {
                grey[y * width + x] = (byte) ((row[x] * 255 + 32767) / 65535);
            }
        }
    }

    private static boolean copyColour(int[] row, int base, byte[] grey, int[] rgb) {
        boolean anyColour = false;
        for (int x = 0; x < row.length; x++) {
            int over = overPaper(row[x]);
            anyColour |= isColour(over);
            rgb[base + x] = over;
            grey[base + x] = luma(over);
        }
        return anyColour;
    }

    static boolean isColour(int rgb) {
        return (rgb >> 8 & 0xff) != (rgb & 0xff) || (rgb >> 16 & 0xff) != (rgb & 0xff);
    }

    /** Luma of ITU-R BT.601. */
    static byte luma(int rgb) {
        int r = rgb >> 16 & 0xff;
        int g = rgb >> 8 & 0xff;
        int b = rgb & 0xff;
        return (byte) ((299 * r + 587 * g + 114 * b + 500) / 1000);
    }

    /** What is seen of a colour over white. */
    static int overPaper(int argb) {
        int alpha = argb >>> 24;
        int r = overPaper(argb >> 16 & 0xff, alpha);
        int g = overPaper(argb >> 8 & 0xff, alpha);
        int b = overPaper(argb & 0xff, alpha);
        return r << 16 | g << 8 | b;
    }

    private static int overPaper(int value, int alpha) {
        return alpha == 255 ? value : (value * alpha + 255 * (255 - alpha) + 127) / 255;
    }
}
