package neattrace.bench;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.BiConsumer;
import javax.imageio.ImageIO;
import neattrace.raster.GreySheet;
import neattrace.trace.Tracing;
import org.locationtech.jts.awt.ShapeWriter;

/** Pictures of tracings over the truth, side by side. */
final class WorstPicture {

    private static final int SIDE = 640;
    private static final int COLUMNS = 5;

    private WorstPicture() {}

    record Entry(String name, VectorArt art, Tracing tracing) {}

    static void write(List<Entry> entries, Path file) throws IOException {
        write(entries, WorstPicture::draw, file);
    }

    /** Scans with the tracing over them. */
    static void writeScans(List<Trial> trials, Path file) throws IOException {
        write(trials, WorstPicture::drawScan, file);
    }

    private static <T> void write(List<T> shown, BiConsumer<T, Graphics2D> draw, Path file)
            throws IOException {
        int rows = Math.max(1, (shown.size() + COLUMNS - 1) / COLUMNS);
        BufferedImage image =
                new BufferedImage(COLUMNS * SIDE, rows * (SIDE + 24), BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
        for (int i = 0; i < shown.size(); i++) {
            Graphics2D cell =
                    (Graphics2D)
                            graphics.create(
                                    i % COLUMNS * SIDE, i / COLUMNS * (SIDE + 24), SIDE, SIDE + 24);
            draw.accept(shown.get(i), cell);
            cell.dispose();
        }
        graphics.dispose();
        ImageIO.write(image, "png", file.toFile());
    }

    private static void drawScan(Trial trial, Graphics2D cell) {
        GreySheet scan = trial.scan();
        BufferedImage grey =
                new BufferedImage(scan.width(), scan.height(), BufferedImage.TYPE_BYTE_GRAY);
        grey.getRaster().setDataElements(0, 0, scan.width(), scan.height(), scan.samples());
        double scale = (double) SIDE / Math.max(scan.width(), scan.height());
        AffineTransform toCell = AffineTransform.getScaleInstance(scale, scale);
        cell.drawImage(grey, toCell, null);
        draw(trial.tracing(), toCell, cell);
        cell.setColor(Color.BLACK);
        cell.drawString(
                String.format(
                        Locale.ROOT,
                        "%d %s %.3f %.3f px",
                        trial.seed(),
                        trial.drawing().name(),
                        trial.mean(),
                        trial.percentile99()),
                8,
                SIDE + 16);
    }

    private static void draw(Entry entry, Graphics2D cell) {
        cell.setColor(Color.BLACK);
        cell.drawString(entry.name(), 8, SIDE + 16);
        double scale = (double) SIDE / entry.art().grey().width();
        AffineTransform toCell = AffineTransform.getScaleInstance(scale, scale);
        cell.setColor(new Color(190, 200, 210));
        cell.fill(toCell.createTransformedShape(new ShapeWriter().toShape(entry.art().truth())));
        draw(entry.tracing(), toCell, cell);
    }

    private static void draw(Tracing tracing, AffineTransform toCell, Graphics2D cell) {
        cell.setColor(new Color(190, 40, 20));
        cell.setStroke(new BasicStroke(0.8f));
        Path2D path = new Path2D.Double();
        tracing.outlines().forEach(outline -> outline.loops().forEach(loop -> loop.appendTo(path)));
        cell.draw(toCell.createTransformedShape(path));
    }
}
