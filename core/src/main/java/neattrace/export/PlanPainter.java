package neattrace.export;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import neattrace.print.PrintLayer;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import neattrace.print.Shapes;
import org.locationtech.jts.awt.ShapeWriter;

/**
 * Paints a plan as screens show it. Shapes are prepared once, so that painting again at another
 * zoom is cheap.
 */
public final class PlanPainter {

    /** How much wider flats are painted, in pixels of the target. */
    private static final float SEAM_PX = 0.6f;

    private record Painted(Shape shape, Rectangle2D bounds, Color colour) {}

    private record Pasted(BufferedImage image, AffineTransform map) {}

    private final ShapeWriter shapes = new ShapeWriter();
    private final List<Painted> flats = new ArrayList<>();
    private final List<Painted> lines = new ArrayList<>();

    /** Lie beneath everything. */
    private final List<Pasted> photos = new ArrayList<>();

    /** Prepares {@code plan}. */
    public PlanPainter(PrintPlan plan) {
        for (PrintLayer layer : plan.onScreen()) {
            Color colour = new Color(layer.screen().packed());
            List<Painted> list = layer.isBeneathLines() ? flats : lines;
            layer.objects().forEach(object -> add(list, object.shape(), colour));
        }
    }

    private void add(List<Painted> list, PrintShape shape, Color colour) {
        if (shape instanceof PrintShape.Filled filled) {
            for (int i = 0; i < filled.polygons().getNumGeometries(); i++) {
                add(list, shapes.toShape(filled.polygons().getGeometryN(i)), colour);
            }
        } else if (shape instanceof PrintShape.Photo photo) {
            photos.add(new Pasted(read(photo), photo.map()));
        } else {
            add(list, Shapes.toShape(shape), colour);
        }
    }

    private static BufferedImage read(PrintShape.Photo photo) {
        try {
            return ImageIO.read(new ByteArrayInputStream(photo.jpeg()));
        } catch (IOException e) {
            throw new IllegalArgumentException("a photo is a JPEG", e);
        }
    }

    private static void add(List<Painted> list, Shape shape, Color colour) {
        list.add(new Painted(shape, shape.getBounds2D(), colour));
    }

    /**
     * Paints what is visible.
     *
     * @param graphics the target, in pixels
     * @param toPixels from mm to pixels of the target
     * @param clip the visible part of the target, pixels; a part of a picture comes out as it does
     *     when the whole picture is painted
     * @param withFlats whether colours are painted
     * @param withLines whether ink is painted
     */
    public void paint(
            Graphics2D graphics,
            AffineTransform toPixels,
            Rectangle2D clip,
            boolean withFlats,
            boolean withLines) {
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(
                RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setStroke(new BasicStroke(SEAM_PX, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        Rectangle2D sight = inSight(toPixels, clip);
        if (withFlats) {
            graphics.setRenderingHint(
                    RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            for (Pasted photo : photos) {
                AffineTransform map = new AffineTransform(toPixels);
                map.concatenate(photo.map);
                graphics.drawImage(photo.image, map, null);
            }
            for (Painted flat : flats) {
                if (flat.bounds.intersects(sight)) {
                    Shape shape = toPixels.createTransformedShape(flat.shape);
                    graphics.setColor(flat.colour);
                    graphics.fill(shape);
                    graphics.draw(shape);
                }
            }
        }
        if (withLines) {
            for (Painted line : lines) {
                if (line.bounds.intersects(sight)) {
                    graphics.setColor(line.colour);
                    graphics.fill(toPixels.createTransformedShape(line.shape));
                }
            }
        }
    }

    /** The part of the plane, mm, in which shapes leave anything in the clip. */
    private static Rectangle2D inSight(AffineTransform toPixels, Rectangle2D clip) {
        Rectangle2D reach = new Rectangle2D.Double();
        // Seams and soft edges reach a little beyond the shape.
        reach.setFrameFromDiagonal(
                clip.getMinX() - 1, clip.getMinY() - 1, clip.getMaxX() + 1, clip.getMaxY() + 1);
        try {
            return toPixels.createInverse().createTransformedShape(reach).getBounds2D();
        } catch (NoninvertibleTransformException e) {
            throw new IllegalArgumentException("a picture has a width and a height", e);
        }
    }
}
