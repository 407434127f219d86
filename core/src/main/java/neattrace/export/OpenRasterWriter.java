package neattrace.export;

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
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.zip.ZipOutputStream;
import neattrace.files.ZipParts;
import neattrace.print.PrintLayer;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import neattrace.raster.PngFile;
import neattrace.raster.Resolution;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Geometry;

/**
 * Writes a plan as OpenRaster: lines, one layer for each swatch, and beneath them, hidden, a mask
 * for each swatch and for each area, white where it is. Layers are no larger than what is on them.
 */
public final class OpenRasterWriter {

    private static final String MEDIA_TYPE = "image/openraster";
    private static final int THUMBNAIL_PX = 256;
    private static final Color MASK = Color.WHITE;

    /** More areas than these get no masks of their own: nobody looks through so many layers. */
    public static final int MOST_AREA_MASKS = 2000;

    private final PrintPlan plan;
    private final double ppi;
    private final int width;
    private final int height;
    private final AffineTransform toPixels;
    private final ZipOutputStream zip;
    private final LayerStack stack;
    private final ShapeWriter shapes = new ShapeWriter();
    private int layers;

    private OpenRasterWriter(PrintPlan plan, double ppi, ZipOutputStream zip) throws IOException {
        this.plan = plan;
        this.ppi = ppi;
        this.zip = zip;
        double pxPerMm = ppi / Resolution.MM_PER_INCH;
        width = (int) Math.max(1, Math.round(plan.widthMm() * pxPerMm));
        height = (int) Math.max(1, Math.round(plan.heightMm() * pxPerMm));
        stack = new LayerStack(width, height, ppi);
        toPixels =
                AffineTransform.getScaleInstance(width / plan.widthMm(), height / plan.heightMm());
    }

    /**
     * Writes {@code plan} to {@code out}, which stays open.
     *
     * @param ppi pixels per inch
     * @throws IOException if the picture would be larger than {@link PngWriter#MAX_PIXELS}
     */
    public static void write(PrintPlan plan, double ppi, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        ZipParts.stored(zip, "mimetype", MEDIA_TYPE.getBytes(StandardCharsets.US_ASCII));
        new OpenRasterWriter(plan, ppi, zip).write();
        zip.finish();
    }

    private void write() throws IOException {
        PngWriter.check(width, height);
        List<PrintLayer> shown = plan.onScreen();
        BufferedImage merged = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Deque<Packed> topDown = new ArrayDeque<>();
        // What readers make of the layers: each laid over those beneath it, pixel by pixel.
        Graphics2D graphics = merged.createGraphics();
        for (PrintLayer layer : shown) {
            Optional<Painted> painted = painted(paths(layer), new Color(layer.screen().packed()));
            if (painted.isPresent()) {
                Painted one = painted.get();
                graphics.drawImage(one.image(), one.x(), one.y(), null);
                topDown.push(new Packed(layer.name(), png(one.image()), one.x(), one.y()));
            }
        }
        graphics.dispose();
        for (Packed one : topDown) {
            add(one, true);
        }
        masks();
        ZipParts.packed(zip, "stack.xml", stack.bytes());
        ZipParts.stored(zip, "mergedimage.png", png(merged));
        ZipParts.stored(zip, "Thumbnails/thumbnail.png", PngWriter.preview(plan, THUMBNAIL_PX));
    }

    private List<Shape> paths(PrintLayer layer) {
        return layer.objects().stream().map(object -> path(object.shape())).toList();
    }

    private Shape path(PrintShape shape) {
        if (shape instanceof PrintShape.Filled filled) {
            return shapes.toShape(filled.polygons());
        }
        if (shape instanceof PrintShape.Curved curved) {
            return curved.outline().toPath();
        }
        throw new IllegalArgumentException("only shapes are painted");
    }

    private void masks() throws IOException {
        List<PrintLayer> flats = plan.of(PrintLayer.Kind.FLAT);
        if (flats.isEmpty()) {
            return;
        }
        stack.beginHidden("Masks by colour");
        for (PrintLayer layer : flats) {
            mask("Mask " + layer.name(), paths(layer));
        }
        stack.end();
        if (plan.areas() > MOST_AREA_MASKS) {
            return;
        }
        stack.beginHidden("Masks by area");
        for (PrintLayer layer : flats) {
            int number = 1;
            for (Geometry area : layer.areas()) {
                mask("Area " + number++ + " " + layer.name(), List.of(shapes.toShape(area)));
            }
        }
        stack.end();
    }

    private void mask(String name, List<Shape> shapes) throws IOException {
        Optional<Painted> painted = painted(shapes, MASK);
        if (painted.isPresent()) {
            Painted one = painted.get();
            add(new Packed(name, png(one.image()), one.x(), one.y()), false);
        }
    }

    private void add(Packed layer, boolean seen) throws IOException {
        String source = String.format(Locale.ROOT, "data/layer%03d.png", layers++);
        ZipParts.stored(zip, source, layer.png());
        stack.layer(layer.name(), source, layer.x(), layer.y(), seen);
    }

    private byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        PngFile.write(image, ppi, png);
        return png.toByteArray();
    }

    /** A layer as it goes into the file. */
    private record Packed(String name, byte[] png, int x, int y) {}

    /** Pixels of a layer and where they lie. */
    private record Painted(BufferedImage image, int x, int y) {}

    /** A layer as large as its shapes; nothing at all if they are off the page. */
    private Optional<Painted> painted(List<Shape> shapes, Color colour) {
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
            return Optional.empty();
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
        return Optional.of(new Painted(image, x, y));
    }
}
