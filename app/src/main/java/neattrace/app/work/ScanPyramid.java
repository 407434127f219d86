package neattrace.app.work;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import neattrace.geom.Homography;
import neattrace.raster.Picture;
import neattrace.sheet.SheetFrame;

/** The scan at full and at halved sizes, so that it looks right at every zoom, lying as framed. */
public final class ScanPyramid {

    private static final int SMALLEST = 256;

    private final List<BufferedImage> levels;
    private final AffineTransform toSheet;

    private ScanPyramid(List<BufferedImage> levels, AffineTransform toSheet) {
        this.levels = levels;
        this.toSheet = toSheet;
    }

    /** Builds the halved sizes. A scan whose corners are straightened is straightened first. */
    public static ScanPyramid of(Picture picture, SheetFrame frame) {
        if (!frame.toSheet().isAffine()) {
            return new ScanPyramid(halvings(straightened(picture, frame)), new AffineTransform());
        }
        return new ScanPyramid(halvings(full(picture)), affine(frame.toSheet()));
    }

    /** The same scan lying in another frame. */
    public ScanPyramid in(Picture picture, SheetFrame before, SheetFrame now) {
        if (before.equals(now)) {
            return this;
        }
        boolean bothAffine = before.toSheet().isAffine() && now.toSheet().isAffine();
        return bothAffine
                ? new ScanPyramid(levels, affine(now.toSheet()))
                : ScanPyramid.of(picture, now);
    }

    private static AffineTransform affine(Homography map) {
        double w = map.i();
        return new AffineTransform(
                map.a() / w, map.d() / w, map.b() / w, map.e() / w, map.c() / w, map.f() / w);
    }

    private static List<BufferedImage> halvings(BufferedImage full) {
        List<BufferedImage> levels = new ArrayList<>();
        BufferedImage image = full;
        levels.add(image);
        while (Math.max(image.getWidth(), image.getHeight()) > SMALLEST) {
            image = halved(image);
            levels.add(image);
        }
        return levels;
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

    private static BufferedImage straightened(Picture picture, SheetFrame frame) {
        int width = frame.width();
        int height = frame.height();
        int[] rgb = new int[width * height];
        IntStream.range(0, height)
                .parallel()
                .forEach(
                        y -> {
                            for (int x = 0; x < width; x++) {
                                rgb[y * width + x] = frame.rgbAt(picture, x, y);
                            }
                        });
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        image.getRaster().setDataElements(0, 0, width, height, rgb);
        return image;
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
     * Paints the scan, also what of it lies beyond the sheet.
     *
     * @param graphics the target
     * @param sheetToTarget from sheet px to pixels of the target
     */
    public void paint(Graphics2D graphics, AffineTransform sheetToTarget) {
        AffineTransform whole = new AffineTransform(sheetToTarget);
        whole.concatenate(toSheet);
        BufferedImage full = levels.get(0);
        double scale = Math.sqrt(Math.abs(whole.getDeterminant()));
        BufferedImage level = full;
        for (BufferedImage smaller : levels) {
            if (smaller.getWidth() < scale * full.getWidth()) {
                break;
            }
            level = smaller;
        }
        whole.scale(
                (double) full.getWidth() / level.getWidth(),
                (double) full.getHeight() / level.getHeight());
        // Far zoomed in, pixels are shown as they are.
        boolean closeUp = scale > 3;
        graphics.setRenderingHint(
                RenderingHints.KEY_INTERPOLATION,
                closeUp
                        ? RenderingHints.VALUE_INTERPOLATION_NEAREST_NEIGHBOR
                        : RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(level, whole, null);
    }
}
