package neattrace.job.change;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import neattrace.job.log.Snapshot;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureException;
import neattrace.raster.reading.PictureReader;

/** Makes small pictures for jobs out of photos of any size: the mean of what falls on a pixel. */
public final class SnapshotTaker {

    /** The longer side, px; less if it takes too many bytes. */
    private static final int SIDE_PX = 900;

    private static final int LEAST_SIDE_PX = 100;
    private static final float QUALITY = 0.8f;
    private static final double SMALLER = 0.75;

    private SnapshotTaker() {}

    /**
     * A small picture of a file, turned the way up it says.
     *
     * @throws PictureException if the file is no picture
     */
    public static Snapshot take(Path file) throws PictureException {
        Picture picture = PictureReader.read(file);
        double side = Math.min(SIDE_PX, Math.max(picture.width(), picture.height()));
        try {
            while (side >= LEAST_SIDE_PX) {
                byte[] jpeg = jpeg(shrunk(picture, side));
                if (jpeg.length <= Snapshot.MOST_BYTES) {
                    return new Snapshot(jpeg);
                }
                side *= SMALLER;
            }
            return new Snapshot(jpeg(shrunk(picture, side)));
        } catch (IOException e) {
            throw new IllegalStateException("bytes in memory can be written", e);
        }
    }

    private static BufferedImage shrunk(Picture picture, double side) {
        double step = Math.max(1, Math.max(picture.width(), picture.height()) / side);
        int width = Math.max(1, (int) (picture.width() / step));
        int height = Math.max(1, (int) (picture.height() / step));
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(x, y, mean(picture, x, y, step));
            }
        }
        return image;
    }

    private static int mean(Picture picture, int x, int y, double step) {
        int right =
                Math.min(picture.width(), Math.max((int) (x * step) + 1, (int) ((x + 1) * step)));
        int low =
                Math.min(picture.height(), Math.max((int) (y * step) + 1, (int) ((y + 1) * step)));
        long red = 0;
        long green = 0;
        long blue = 0;
        int count = 0;
        for (int py = (int) (y * step); py < low; py++) {
            for (int px = (int) (x * step); px < right; px++) {
                int rgb = picture.rgbAt(px, py);
                red += rgb >> 16 & 0xff;
                green += rgb >> 8 & 0xff;
                blue += rgb & 0xff;
                count++;
            }
        }
        return (int) (red / count) << 16 | (int) (green / count) << 8 | (int) (blue / count);
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), how);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
