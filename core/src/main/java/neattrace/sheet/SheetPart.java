package neattrace.sheet;

import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import neattrace.geom.Homography;
import neattrace.geom.Point;
import neattrace.raster.Gaussian;
import neattrace.raster.ShapeCover;

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
        int grow = (int) Math.ceil(3 * featherPx);
        ShapeCover hard = ShapeCover.of(outline, sheetWidth, sheetHeight, grow);
        byte[] soft =
                featherPx > 0 && hard.width() > 0
                        ? Gaussian.blur(hard.cover(), hard.width(), hard.height(), featherPx)
                        : hard.cover();
        return new SheetPart(hard.x(), hard.y(), hard.width(), hard.height(), soft);
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
    public void forEach(ShapeCover.Visitor visitor) {
        new ShapeCover(x, y, width, height, cover).forEach(visitor);
    }
}
