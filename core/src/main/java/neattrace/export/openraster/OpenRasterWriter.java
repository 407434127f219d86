package neattrace.export.openraster;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.zip.ZipOutputStream;
import neattrace.export.Artwork;
import neattrace.export.png.PngWriter;
import neattrace.files.ZipParts;
import neattrace.flat.LineLayer;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Outline;
import neattrace.press.Cmyk;
import neattrace.press.colour.Rgb;
import neattrace.raster.Resolution;
import neattrace.raster.writing.PngFile;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;

/**
 * Writes art as OpenRaster: lines, one layer for each swatch, and beneath them, hidden, a mask for
 * each swatch and for each area, white where it is. Layers are no larger than what is on them.
 */
public final class OpenRasterWriter {

    private static final String MEDIA_TYPE = "image/openraster";
    private static final int THUMBNAIL_PX = 256;
    private static final Color MASK = Color.WHITE;

    /** More areas than these get no masks of their own: nobody looks through so many layers. */
    public static final int MOST_AREA_MASKS = 2000;

    private final Artwork art;
    private final double ppi;
    private final int width;
    private final int height;
    private final AffineTransform toPixels;
    private final ZipOutputStream zip;
    private final LayerStack stack;
    private int layers;

    private OpenRasterWriter(Artwork art, double ppi, ZipOutputStream zip) throws IOException {
        this.art = art;
        this.ppi = ppi;
        this.zip = zip;
        double pxPerMm = ppi / Resolution.MM_PER_INCH;
        width = (int) Math.max(1, Math.round(art.widthMm() * pxPerMm));
        height = (int) Math.max(1, Math.round(art.heightMm() * pxPerMm));
        stack = new LayerStack(width, height, ppi);
        toPixels = AffineTransform.getScaleInstance(width / art.widthMm(), height / art.heightMm());
    }

    /**
     * Writes {@code art} to {@code out}, which stays open.
     *
     * @param ppi pixels per inch
     * @throws IOException if the picture would be larger than {@link PngWriter#MAX_PIXELS}
     */
    public static void write(Artwork art, double ppi, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        ZipParts.stored(zip, "mimetype", MEDIA_TYPE.getBytes(StandardCharsets.US_ASCII));
        new OpenRasterWriter(art, ppi, zip).write();
        zip.finish();
    }

    private void write() throws IOException {
        // First what may be refused for its size.
        ByteArrayOutputStream merged = new ByteArrayOutputStream();
        PngWriter.write(art, ppi, merged);
        if (!art.lines().isEmpty()) {
            layer("Lines " + Artwork.SCREEN_BLACK.hex(), paths(art.lines()), Color.BLACK, true);
        }
        for (LineLayer layer : art.colouredLines()) {
            layer(
                    "Lines " + art.layerName(layer.swatch()),
                    paths(layer.shapes()),
                    colour(layer.swatch().build()),
                    true);
        }
        ShapeWriter shapes = new ShapeWriter();
        for (int i = art.layers().size() - 1; i >= 0; i--) {
            FlatLayer layer = art.layers().get(i);
            layer(
                    art.layerName(layer.swatch()),
                    List.of(shapes.toShape(layer.shape())),
                    colour(layer.swatch().build()),
                    true);
        }
        masks(shapes);
        ZipParts.packed(zip, "stack.xml", stack.bytes());
        ZipParts.stored(zip, "mergedimage.png", merged.toByteArray());
        ZipParts.stored(zip, "Thumbnails/thumbnail.png", PngWriter.preview(art, THUMBNAIL_PX));
    }

    private Color colour(Cmyk build) {
        Rgb rgb = art.press().preview(build);
        return new Color(rgb.packed());
    }

    private static List<Shape> paths(List<Outline> outlines) {
        return outlines.stream().map(outline -> (Shape) outline.toPath()).toList();
    }

    private void masks(ShapeWriter shapes) throws IOException {
        if (art.layers().isEmpty()) {
            return;
        }
        stack.beginHidden("Masks by colour");
        for (FlatLayer layer : art.layers()) {
            mask("Mask " + art.layerName(layer.swatch()), shapes, layer.shape());
        }
        stack.end();
        int areas = art.layers().stream().mapToInt(layer -> layer.pieces().size()).sum();
        if (areas > MOST_AREA_MASKS) {
            return;
        }
        stack.beginHidden("Masks by area");
        for (FlatLayer layer : art.layers()) {
            int number = 1;
            for (MultiPolygon piece : layer.pieces()) {
                mask("Area " + number++ + " " + art.layerName(layer.swatch()), shapes, piece);
            }
        }
        stack.end();
    }

    private void mask(String name, ShapeWriter shapes, Geometry shape) throws IOException {
        layer(name, List.of(shapes.toShape(shape)), MASK, false);
    }

    /** A layer as large as its shapes; nothing at all if they are off the page. */
    private void layer(String name, List<Shape> shapes, Color colour, boolean seen)
            throws IOException {
        Rectangle2D box = new Rectangle2D.Double();
        boolean first = true;
        for (Shape shape : shapes) {
            Rectangle2D own = toPixels.createTransformedShape(shape).getBounds2D();
            box = first ? own : box.createUnion(own);
            first = false;
        }
        int x = (int) Math.max(0, Math.floor(box.getMinX()));
        int y = (int) Math.max(0, Math.floor(box.getMinY()));
        int right = (int) Math.min(width, Math.ceil(box.getMaxX()));
        int bottom = (int) Math.min(height, Math.ceil(box.getMaxY()));
        if (first || right <= x || bottom <= y) {
            return;
        }
        BufferedImage image = new BufferedImage(right - x, bottom - y, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(
                RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.translate(-x, -y);
        graphics.setColor(colour);
        for (Shape shape : shapes) {
            graphics.fill(toPixels.createTransformedShape(shape));
        }
        graphics.dispose();
        String source = String.format(Locale.ROOT, "data/layer%03d.png", layers++);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        PngFile.write(image, ppi, png);
        ZipParts.stored(zip, source, png.toByteArray());
        stack.layer(name, source, x, y, seen);
    }
}
