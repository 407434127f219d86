package neattrace.export.png;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.ImageIO;
import neattrace.export.Artwork;
import neattrace.raster.Resolution;
import neattrace.raster.writing.PngFile;

/** Writes art as PNG with transparent ground and its resolution in the file. */
public final class PngWriter {

    /** The largest PNG written, pixels. */
    public static final long MAX_PIXELS = 200_000_000L;

    private PngWriter() {}

    /**
     * Writes {@code art} to {@code out}, which stays open.
     *
     * @param ppi pixels per inch
     * @throws IOException if the picture would be larger than {@link #MAX_PIXELS}
     */
    public static void write(Artwork art, double ppi, OutputStream out) throws IOException {
        double pxPerMm = ppi / Resolution.MM_PER_INCH;
        long width = Math.max(1, Math.round(art.widthMm() * pxPerMm));
        long height = Math.max(1, Math.round(art.heightMm() * pxPerMm));
        if (width * height > MAX_PIXELS) {
            throw new IOException(
                    "A PNG of "
                            + width
                            + " x "
                            + height
                            + " pixels is too large; the limit is 200 million. Lower the ppi.");
        }
        PngFile.write(paint(art, (int) width, (int) height), ppi, out);
    }

    /** A small PNG for previews; the longer side has at most {@code side} pixels. */
    public static byte[] preview(Artwork art, int side) throws IOException {
        double scale = side / Math.max(art.widthMm(), art.heightMm());
        BufferedImage image =
                paint(
                        art,
                        (int) Math.max(1, art.widthMm() * scale),
                        (int) Math.max(1, art.heightMm() * scale));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private static BufferedImage paint(Artwork art, int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        AffineTransform scale =
                AffineTransform.getScaleInstance(width / art.widthMm(), height / art.heightMm());
        Rectangle2D all = new Rectangle2D.Double(0, 0, width, height);
        new ArtworkPainter(art).paint(graphics, scale, all, true, true);
        graphics.dispose();
        return image;
    }
}
