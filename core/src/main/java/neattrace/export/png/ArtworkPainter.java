package neattrace.export.png;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import neattrace.export.Artwork;
import neattrace.flat.LineLayer;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Outline;
import neattrace.press.colour.Rgb;
import org.locationtech.jts.awt.ShapeWriter;

/** Paints art. Shapes are prepared once, so that painting again at another zoom is cheap. */
public final class ArtworkPainter {

    /** How much wider flats are painted, in pixels of the target. */
    private static final float SEAM_PX = 0.6f;

    private record Painted(Shape shape, Rectangle2D bounds, Color colour) {}

    private final List<Painted> flats = new ArrayList<>();
    private final List<Painted> lines = new ArrayList<>();

    /** Prepares {@code art}. */
    public ArtworkPainter(Artwork art) {
        ShapeWriter shapes = new ShapeWriter();
        for (FlatLayer layer : art.layers()) {
            Rgb rgb = art.press().preview(layer.swatch().build());
            Color colour = new Color(rgb.packed());
            for (int i = 0; i < layer.shape().getNumGeometries(); i++) {
                add(flats, shapes.toShape(layer.shape().getGeometryN(i)), colour);
            }
        }
        for (LineLayer layer : art.colouredLines()) {
            Rgb rgb = art.press().preview(layer.swatch().build());
            for (Outline outline : layer.shapes()) {
                add(lines, outline.toPath(), new Color(rgb.packed()));
            }
        }
        Color black = new Color(Artwork.SCREEN_BLACK.packed());
        for (Outline outline : art.lines()) {
            add(lines, outline.toPath(), black);
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
