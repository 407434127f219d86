package neattrace.testing;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.function.Consumer;
import neattrace.stage.Progress;
import neattrace.raster.InkMap;
import neattrace.trace.contour.Contour;
import neattrace.trace.contour.ContourTracer;

/** Ink drawn by the JDK's own rasteriser, whose shapes are known. */
public final class DrawnInk {

    private DrawnInk() {}

    /** A sheet of so many pixels with whatever {@code drawing} paints on it in black. */
    public static InkMap of(int width, int height, Consumer<Graphics2D> drawing) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(
                RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setColor(java.awt.Color.BLACK);
        drawing.accept(graphics);
        graphics.dispose();
        byte[] coverage = new byte[width * height];
        for (int i = 0; i < coverage.length; i++) {
            coverage[i] = (byte) (image.getRGB(i % width, i / width) >>> 24);
        }
        return new InkMap(width, height, coverage);
    }

    /** A sheet of so many pixels with shapes drawn by a round pen. */
    public static InkMap lines(int width, int height, double pen, Shape... shapes) {
        return of(width, height, pen(pen, shapes));
    }

    /** The one contour of a filled shape on so many pixels a side. */
    public static double[] contour(int side, Shape shape) {
        InkMap map = of(side, side, graphics -> graphics.fill(shape));
        List<Contour> contours = ContourTracer.trace(map, false, Progress.SILENT);
        if (contours.size() != 1) {
            throw new IllegalArgumentException(contours.size() + " contours");
        }
        return contours.get(0).xy();
    }

    /** A level line of 320 px that another one of some length crosses in its middle, 6 px wide. */
    public static InkMap crossing(double top) {
        return lines(
                400,
                300,
                6,
                new Line2D.Double(40, 150, 360, 150),
                new Line2D.Double(200, top, 200, 260));
    }

    /** The same with nothing between black and white. */
    public static InkMap oneBit(InkMap map) {
        byte[] coverage = new byte[map.coverage().length];
        for (int i = 0; i < coverage.length; i++) {
            coverage[i] = (byte) (map.isInk(i) ? 255 : 0);
        }
        return new InkMap(map.width(), map.height(), coverage);
    }

    /** Draws shapes with a round pen. */
    public static Consumer<Graphics2D> pen(double width, Shape... shapes) {
        return graphics -> {
            graphics.setStroke(
                    new BasicStroke((float) width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            for (Shape shape : shapes) {
                graphics.draw(shape);
            }
        };
    }
}
