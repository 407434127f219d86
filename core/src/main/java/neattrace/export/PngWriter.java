package neattrace.export;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.ImageIO;
import neattrace.print.PrintPlan;
import neattrace.raster.PngFile;
import neattrace.raster.Resolution;

/** Writes a plan as PNG with transparent ground and its resolution in the file. */
public final class PngWriter {

    /** The largest PNG written, pixels. */
    public static final long MAX_PIXELS = 200_000_000L;

    private PngWriter() {}

    /**
     * Writes {@code plan} to {@code out}, which stays open.
     *
     * @param ppi pixels per inch
     * @throws IOException if the picture would be larger than {@link #MAX_PIXELS}
     */
    public static void write(PrintPlan plan, double ppi, OutputStream out) throws IOException {
        double pxPerMm = ppi / Resolution.MM_PER_INCH;
        long width = Math.max(1, Math.round(plan.widthMm() * pxPerMm));
        long height = Math.max(1, Math.round(plan.heightMm() * pxPerMm));
        check(width, height);
        PngFile.write(paint(plan, (int) width, (int) height, true), ppi, out);
    }

    /**
     * Refuses pictures that are too large.
     *
     * @throws IOException if there are more pixels than {@link #MAX_PIXELS}
     */
    static void check(long width, long height) throws IOException {
        if (width * height > MAX_PIXELS) {
            throw new IOException(
                    "A PNG of "
                            + width
                            + " x "
                            + height
                            + " pixels is too large; the limit is 200 million. Lower the ppi.");
        }
    }

    /** A small PNG for previews; the longer side has at most {@code side} pixels. */
    public static byte[] preview(PrintPlan plan, int side) throws IOException {
        return preview(plan, side, true);
    }

    /** The same, with or without the colours beneath the lines. */
    public static byte[] preview(PrintPlan plan, int side, boolean colours) throws IOException {
        double scale = side / Math.max(plan.widthMm(), plan.heightMm());
        BufferedImage image =
                paint(
                        plan,
                        (int) Math.max(1, plan.widthMm() * scale),
                        (int) Math.max(1, plan.heightMm() * scale),
                        colours);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private static BufferedImage paint(PrintPlan plan, int width, int height, boolean colours) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        AffineTransform scale =
                AffineTransform.getScaleInstance(width / plan.widthMm(), height / plan.heightMm());
        Rectangle2D all = new Rectangle2D.Double(0, 0, width, height);
        new PlanPainter(plan).paint(graphics, scale, all, colours, true);
        graphics.dispose();
        return image;
    }
}
