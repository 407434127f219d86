package neattrace.sheet.mask;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import neattrace.geom.Homography;
import neattrace.geom.Point;
import neattrace.raster.blur.Gaussian;
import neattrace.sheet.SheetShape;

/**
 * The pixels of the sheet a shape covers, with anti-aliased edges.
 *
 * @param x left column
 * @param y upper row
 * @param width columns, 0 if the shape lies beyond the sheet
 * @param height rows
 * @param cover 0 to 255 for each pixel
 */
public record SheetPart(int x, int y, int width, int height, byte[] cover) {

    private static final double FLATNESS_PX = 0.1;

    /**
     * Rasterises.
     *
     * @param toSheet from source px, in which the shape is, to sheet px
     * @param featherPx how far the edge is softened, standard deviation, sheet px; 0 for none
     */
    public static SheetPart of(
            SheetShape shape,
            Homography toSheet,
            int sheetWidth,
            int sheetHeight,
            double featherPx) {
        Shape outline = mapped(shape.outline(), toSheet);
        Rectangle2D bounds = outline.getBounds2D();
        int grow = (int) Math.ceil(3 * featherPx) + 1;
        Rectangle box =
                new Rectangle(0, 0, sheetWidth, sheetHeight)
                        .intersection(
                                new Rectangle(
                                        clamped(bounds.getMinX() - grow),
                                        clamped(bounds.getMinY() - grow),
                                        clamped(bounds.getWidth() + 2 * grow + 2),
                                        clamped(bounds.getHeight() + 2 * grow + 2)));
        if (box.isEmpty()) {
            return new SheetPart(0, 0, 0, 0, new byte[0]);
        }
        BufferedImage image =
                new BufferedImage(box.width, box.height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setColor(Color.WHITE);
        graphics.translate(-box.x, -box.y);
        graphics.fill(outline);
        graphics.dispose();
        byte[] cover = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        byte[] soft =
                featherPx > 0 ? Gaussian.blur(cover, box.width, box.height, featherPx) : cover;
        return new SheetPart(box.x, box.y, box.width, box.height, soft);
    }

    private static int clamped(double value) {
        return (int) Math.max(-1e6, Math.min(1e6, Math.floor(value)));
    }

    private static Shape mapped(Shape shape, Homography map) {
        Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        double[] at = new double[6];
        for (PathIterator it = shape.getPathIterator(null, FLATNESS_PX); !it.isDone(); it.next()) {
            int kind = it.currentSegment(at);
            Point to = map.apply(new Point(at[0], at[1]));
            switch (kind) {
                case PathIterator.SEG_MOVETO -> path.moveTo(to.x(), to.y());
                case PathIterator.SEG_LINETO -> path.lineTo(to.x(), to.y());
                default -> path.closePath();
            }
        }
        return path;
    }

    /** Visits every pixel that is covered at all. */
    public void forEach(Visitor visitor) {
        for (int row = 0; row < height; row++) {
            for (int column = 0; column < width; column++) {
                int value = cover[row * width + column] & 0xff;
                if (value > 0) {
                    visitor.visit(x + column, y + row, value);
                }
            }
        }
    }

    /** Receives pixels. */
    @FunctionalInterface
    public interface Visitor {
        /** The pixel of the sheet at a place is covered by so much of 255. */
        void visit(int x, int y, int cover);
    }
}
