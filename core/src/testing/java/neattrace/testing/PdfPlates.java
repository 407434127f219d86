package neattrace.testing;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceCMYK;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceN;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;

/**
 * The plates of a PDF's page, read with PDFBox's engine and colour spaces and painted with Java2D:
 * nothing of ours. Overprint as ISO 32000-1, 8.6.7 has it, mode 1.
 */
public final class PdfPlates extends PDFGraphicsStreamEngine {

    private static final List<String> PROCESS = List.of("Cyan", "Magenta", "Yellow", "Black");

    private final double scale;
    private final int fine;
    private final int width;
    private final int height;
    private final Map<String, byte[]> plates = new TreeMap<>();
    private GeneralPath path = new GeneralPath();

    private PdfPlates(PDPage page, double ppi, int fine) {
        super(page);
        this.scale = ppi / 72 * fine;
        this.fine = fine;
        this.width = (int) Math.round(page.getMediaBox().getWidth() * ppi / 72) * fine;
        this.height = (int) Math.round(page.getMediaBox().getHeight() * ppi / 72) * fine;
    }

    /**
     * The plates of a page by their inks' names, row by row from the top, 0 none to 255 full.
     *
     * @param fine so many lines and columns of each pixel are looked at
     */
    public static Map<String, int[]> of(PDPage page, double ppi, int fine) throws IOException {
        PdfPlates engine = new PdfPlates(page, ppi, fine);
        engine.processPage(page);
        Map<String, int[]> all = new HashMap<>();
        engine.plates.forEach((ink, plate) -> all.put(ink, engine.reduced(plate)));
        return all;
    }

    private int[] reduced(byte[] plate) {
        int columns = width / fine;
        int[] result = new int[columns * (height / fine)];
        for (int i = 0; i < result.length; i++) {
            int sum = 0;
            for (int dy = 0; dy < fine; dy++) {
                int row = (i / columns * fine + dy) * width + i % columns * fine;
                for (int dx = 0; dx < fine; dx++) {
                    sum += plate[row + dx] & 0xff;
                }
            }
            result[i] = Math.round((float) sum / (fine * fine));
        }
        return result;
    }

    private Map<String, Float> inks(PDColor colour) throws IOException {
        PDColorSpace space = colour.getColorSpace();
        float[] parts = colour.getComponents();
        Map<String, Float> inks = new HashMap<>();
        if (space instanceof PDDeviceCMYK) {
            for (int i = 0; i < 4; i++) {
                inks.put(PROCESS.get(i), parts[i]);
            }
        } else if (space instanceof PDSeparation separation) {
            inks.put(separation.getColorantName(), parts[0]);
        } else if (space instanceof PDDeviceN many) {
            for (int i = 0; i < parts.length; i++) {
                inks.put(many.getColorantNames().get(i), parts[i]);
            }
        } else {
            throw new IOException("no colour of a press: " + space.getName());
        }
        return inks;
    }

    @Override
    public void fillPath(int windingRule) throws IOException {
        path.setWindingRule(windingRule);
        BufferedImage mask = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = mask.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setTransform(new AffineTransform(scale, 0, 0, -scale, 0, height));
        graphics.setColor(Color.WHITE);
        graphics.fill(path);
        graphics.dispose();
        lay(((DataBufferByte) mask.getRaster().getDataBuffer()).getData());
        path = new GeneralPath();
    }

    private void lay(byte[] mask) throws IOException {
        PDColor colour = getGraphicsState().getNonStrokingColor();
        Map<String, Float> inks = inks(colour);
        boolean over = getGraphicsState().isNonStrokingOverprint();
        boolean process = colour.getColorSpace() instanceof PDDeviceCMYK;
        boolean keepsZero = over && process && getGraphicsState().getOverprintMode() == 1;
        inks.keySet().forEach(ink -> plates.computeIfAbsent(ink, one -> new byte[mask.length]));
        plates.forEach(
                (ink, plate) -> {
                    Float part = inks.get(ink);
                    boolean kept = part == null ? over : keepsZero && part == 0;
                    if (kept) {
                        return;
                    }
                    byte value = (byte) Math.round(255 * (part == null ? 0 : part));
                    for (int i = 0; i < plate.length; i++) {
                        plate[i] = mask[i] != 0 ? value : plate[i];
                    }
                });
    }

    @Override
    public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {
        path.moveTo(a.getX(), a.getY());
        path.lineTo(b.getX(), b.getY());
        path.lineTo(c.getX(), c.getY());
        path.lineTo(d.getX(), d.getY());
        path.closePath();
    }

    @Override
    public void drawImage(PDImage image) throws IOException {
        throw new IOException("a press has no pictures here");
    }

    @Override
    public void clip(int windingRule) throws IOException {
        throw new IOException("nothing is clipped");
    }

    @Override
    public void moveTo(float x, float y) {
        path.moveTo(x, y);
    }

    @Override
    public void lineTo(float x, float y) {
        path.lineTo(x, y);
    }

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        path.curveTo(x1, y1, x2, y2, x3, y3);
    }

    @Override
    public Point2D getCurrentPoint() {
        return path.getCurrentPoint();
    }

    @Override
    public void closePath() {
        path.closePath();
    }

    @Override
    public void endPath() {
        path = new GeneralPath();
    }

    @Override
    public void strokePath() {
        path = new GeneralPath();
    }

    @Override
    public void fillAndStrokePath(int windingRule) throws IOException {
        fillPath(windingRule);
    }

    @Override
    public void shadingFill(COSName name) throws IOException {
        throw new IOException("flat colours have no shading");
    }
}
