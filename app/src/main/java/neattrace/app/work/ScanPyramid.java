package neattrace.app.work;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import neattrace.raster.Picture;

/** The scan at full and at halved sizes, so that it looks right at every zoom. */
public final class ScanPyramid {

    private static final int SMALLEST = 256;

    private final List<BufferedImage> levels;

    private ScanPyramid(List<BufferedImage> levels) {
        this.levels = levels;
    }

    /** Builds the halved sizes. */
    public static ScanPyramid of(Picture picture) {
        List<BufferedImage> levels = new ArrayList<>();
        BufferedImage image = full(picture);
        levels.add(image);
        while (Math.max(image.getWidth(), image.getHeight()) > SMALLEST) {
            image = halved(image);
            levels.add(image);
        }
        return new ScanPyramid(levels);
    }

    private static BufferedImage full(Picture picture) {
        int width = picture.width();
        int height = picture.height();
        if (picture.rgb().length == 0) {
            BufferedImage grey = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
            grey.getRaster().setDataElements(0, 0, width, height, picture.grey().samples());
            return grey;
        }
        BufferedImage colour = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        colour.getRaster().setDataElements(0, 0, width, height, picture.rgb());
        return colour;
    }

    private static BufferedImage halved(BufferedImage image) {
        BufferedImage half =
                new BufferedImage(
                        Math.max(1, image.getWidth() / 2),
                        Math.max(1, image.getHeight() / 2),
                        image.getType());
        Graphics2D graphics = half.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(image, 0, 0, half.getWidth(), half.getHeight(), null);
        graphics.dispose();
        return half;
    }

    /**
     * Paints the scan.
     *
     * @param graphics the target
     * @param pageToTarget from mm to pixels of the target
     * @param widthMm of the page
     * @param heightMm of the page
     */
    public void paint(
            Graphics2D graphics, AffineTransform pageToTarget, double widthMm, double heightMm) {
        double scale = Math.sqrt(Math.abs(pageToTarget.getDeterminant()));
        BufferedImage level = levels.get(0);
        for (BufferedImage smaller : levels) {
            if (smaller.getWidth() < scale * widthMm) {
                break;
            }
            level = smaller;
        }
        AffineTransform transform = new AffineTransform(pageToTarget);
        transform.scale(widthMm / level.getWidth(), heightMm / level.getHeight());
        // Far zoomed in, pixels are shown as they are.
        boolean closeUp = scale * widthMm > 3.0 * levels.get(0).getWidth();
        graphics.setRenderingHint(
                RenderingHints.KEY_INTERPOLATION,
                closeUp
                        ? RenderingHints.VALUE_INTERPOLATION_NEAREST_NEIGHBOR
                        : RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(level, transform, null);
    }
}
