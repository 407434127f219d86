package neattrace.raster;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;

/** Encodes pictures as PNG, those in colour tagged as sRGB. */
public final class PngFile {

    private static final double METRES_PER_INCH = 0.0254;

    private PngFile() {}

    /** Writes {@code image} with {@code ppi} pixels per inch to {@code out}, which stays open. */
    public static void write(BufferedImage image, double ppi, OutputStream out) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            IIOMetadata metadata =
                    writer.getDefaultImageMetadata(
                            ImageTypeSpecifier.createFromRenderedImage(image), null);
            String perMetre = String.valueOf(Math.round(ppi / METRES_PER_INCH));
            IIOMetadataNode size = new IIOMetadataNode("pHYs");
            size.setAttribute("pixelsPerUnitXAxis", perMetre);
            size.setAttribute("pixelsPerUnitYAxis", perMetre);
            size.setAttribute("unitSpecifier", "meter");
            IIOMetadataNode root = new IIOMetadataNode("javax_imageio_png_1.0");
            root.appendChild(size);
            if (image.getColorModel().getNumColorComponents() == 3) {
                // Colours mean what screens show (IEC 61966-2-1), whatever program reads them.
                IIOMetadataNode space = new IIOMetadataNode("sRGB");
                space.setAttribute("renderingIntent", "Relative colorimetric");
                root.appendChild(space);
            }
            metadata.mergeTree("javax_imageio_png_1.0", root);
            writer.setOutput(stream);
            writer.write(new IIOImage(image, null, metadata));
        } finally {
            writer.dispose();
        }
    }
}
