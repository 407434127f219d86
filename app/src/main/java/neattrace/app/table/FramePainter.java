package neattrace.app.table;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import neattrace.app.work.Shown;
import neattrace.app.work.Worker;
import neattrace.export.png.ArtworkPainter;

/** Paints what the table shows, off the JavaFX thread; of several requests only the last counts. */
final class FramePainter {

    /** A finished picture of the table. */
    record Frame(WritableImage image, View view) {}

    /** What to paint. */
    record Request(
            Shown shown,
            ArtworkPainter painter,
            View view,
            TableMode mode,
            Color page,
            double density) {}

    private static final Color BEYOND = new Color(0xE4, 0xE0, 0xD8, 0xB8);

    private final AtomicReference<Request> waiting = new AtomicReference<>();
    private final ExecutorService thread;
    private final Consumer<Frame> whenPainted;

    FramePainter(Consumer<Frame> whenPainted) {
        this.whenPainted = whenPainted;
        this.thread = Worker.named("painting", Thread.NORM_PRIORITY);
    }

    void request(Request request) {
        if (waiting.getAndSet(request) == null) {
            thread.execute(this::paintWaiting);
        }
    }

    private void paintWaiting() {
        Request request = waiting.getAndSet(null);
        if (request == null || request.view().width() < 1 || request.view().height() < 1) {
            return;
        }
        BufferedImage image = paint(request);
        int width = image.getWidth();
        int height = image.getHeight();
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        Platform.runLater(
                () -> {
                    WritableImage target = new WritableImage(width, height);
                    target.getPixelWriter()
                            .setPixels(
                                    0,
                                    0,
                                    width,
                                    height,
                                    PixelFormat.getIntArgbPreInstance(),
                                    pixels,
                                    0,
                                    width);
                    whenPainted.accept(new Frame(target, request.view()));
                });
    }

    private static BufferedImage paint(Request request) {
        View view = request.view();
        double density = request.density();
        int width = (int) Math.ceil(view.width() * density);
        int height = (int) Math.ceil(view.height() * density);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = image.createGraphics();
        AffineTransform toPx = AffineTransform.getScaleInstance(density, density);
        toPx.concatenate(view.transform());
        double pageWidth = request.shown().drawing().widthMm();
        double pageHeight = request.shown().drawing().heightMm();
        graphics.setColor(request.page());
        graphics.fill(
                toPx.createTransformedShape(new Rectangle2D.Double(0, 0, pageWidth, pageHeight)));
        if (request.mode() == TableMode.SCAN) {
            AffineTransform sheetToPx = new AffineTransform(toPx);
            double mmPerPx = request.shown().drawing().resolution().mmPerPx();
            sheetToPx.scale(mmPerPx, mmPerPx);
            // What the crop leaves out is seen dimmed, so that the crop can be judged.
            request.shown().scan().paint(graphics, sheetToPx);
            dimBeyond(graphics, toPx, pageWidth, pageHeight, width, height);
        } else {
            request.painter()
                    .paint(
                            graphics,
                            toPx,
                            new Rectangle2D.Double(0, 0, width, height),
                            request.mode() != TableMode.LINES,
                            request.mode() != TableMode.FILLS);
        }
        graphics.dispose();
        return image;
    }

    private static void dimBeyond(
            Graphics2D graphics,
            AffineTransform toPx,
            double pageWidth,
            double pageHeight,
            int width,
            int height) {
        Area beyond = new Area(new Rectangle2D.Double(0, 0, width, height));
        beyond.subtract(
                new Area(
                        toPx.createTransformedShape(
                                new Rectangle2D.Double(0, 0, pageWidth, pageHeight))));
        graphics.setColor(BEYOND);
        graphics.fill(beyond);
    }

    void close() {
        thread.shutdownNow();
    }
}
