package neattrace.raster;

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
import java.util.List;

/**
 * The pixels of a sheet that a shape covers. The array is handed over, not copied.
 *
 * @param x left column
 * @param y upper row
 * @param width columns, 0 if the shape lies beyond the sheet
 * @param height rows
 * @param cover 0 to 255 for each pixel
 */
public record ShapeCover(int x, int y, int width, int height, byte[] cover) {

    private static final double FAR = 1e6;
    private static final double FLATNESS_PX = 0.01;

    /**
     * The cover of a shape in px, within a sheet and no more than {@code growPx} beyond the shape.
     */
    public static ShapeCover of(Shape shape, int sheetWidth, int sheetHeight, int growPx) {
        Rectangle box =
                new Rectangle(0, 0, sheetWidth, sheetHeight).intersection(box(shape, growPx));
        return of(shape, box);
    }

    /** The cover of a shape in px within a box of pixels. */
    public static ShapeCover of(Shape shape, Rectangle box) {
        return of(List.of(shape), box);
    }

    /** The cover of several shapes together within a box of pixels. */
    public static ShapeCover of(List<? extends Shape> shapes, Rectangle box) {
        if (box.isEmpty()) {
            return new ShapeCover(0, 0, 0, 0, new byte[0]);
        }
        BufferedImage image =
                new BufferedImage(box.width, box.height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(
                RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setColor(Color.WHITE);
        graphics.translate(-box.x, -box.y);
        for (Shape shape : shapes) {
            if (shape.getBounds2D().intersects(box)) {
                graphics.fill(flat(shape));
            }
        }
        graphics.dispose();
        byte[] cover = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        return new ShapeCover(box.x, box.y, box.width, box.height, cover);
    }

    /** Curves as chords: the scan converter's own are up to a twentieth of a pixel off. */
    private static Shape flat(Shape shape) {
        PathIterator chords = shape.getPathIterator(null, FLATNESS_PX);
        Path2D path = new Path2D.Double(chords.getWindingRule());
        path.append(chords, false);
        return path;
    }

    /** The pixels round a shape. */
    public static Rectangle box(Shape shape, int growPx) {
        Rectangle2D bounds = shape.getBounds2D();
        int grow = growPx + 1;
        int left = clamped(bounds.getMinX() - grow);
        int top = clamped(bounds.getMinY() - grow);
        int right = clamped(bounds.getMaxX() + grow + 2);
        int low = clamped(bounds.getMaxY() + grow + 2);
        return new Rectangle(left, top, right - left, low - top);
    }

    private static int clamped(double value) {
        return (int) Math.max(-FAR, Math.min(FAR, Math.floor(value)));
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
