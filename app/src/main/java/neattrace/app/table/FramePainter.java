package neattrace.app.table;

import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Point;
import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import neattrace.app.work.Shown;
import neattrace.app.work.Worker;
import neattrace.export.PlanPainter;

/** Paints what the table shows, off the JavaFX thread; of several requests only the last counts. */
final class FramePainter {

    /** A finished picture of the table. */
    record Frame(WritableImage image, View view) {}

    /** What to paint. */
    record Request(
            Shown shown,
            PlanPainter painter,
            View view,
            TableMode mode,
            Color page,
            double density) {

        /** From mm to pixels of the picture. */
        AffineTransform toPx() {
            AffineTransform toPx = AffineTransform.getScaleInstance(density, density);
            toPx.concatenate(view.transform());
            return toPx;
        }

        /** Whether another one shows the same, in another place perhaps. */
        boolean isLike(Request other) {
            return other.shown == shown
                    && other.painter == painter
                    && other.mode == mode
                    && other.page.equals(page)
                    && other.density == density
                    && other.view.scale() == view.scale()
                    && other.view.flipped() == view.flipped()
                    && other.view.width() == view.width()
                    && other.view.height() == view.height();
        }
    }

    /** What was painted last, and the picture of it; nobody writes to that any more. */
    private record Painted(Request request, BufferedImage image) {}

    /** A move by this little more or less than whole pixels is one by whole pixels. */
    private static final double WHOLE = 1e-3;

    private static final Color BEYOND = new Color(0xE4, 0xE0, 0xD8, 0xB8);

    private final AtomicReference<Request> waiting = new AtomicReference<>();
    private final ExecutorService thread;
    private final Consumer<Frame> whenPainted;

    /** Null at first; only the painting thread uses it. */
    private Painted last;

    FramePainter(Consumer<Frame> whenPainted) {
        this.whenPainted = whenPainted;
        this.thread = Worker.named("painting", Thread.NORM_PRIORITY);
    }

    void request(Request request) {
        // The window's last pulse may come after it was closed.
        if (!thread.isShutdown() && waiting.getAndSet(request) == null) {
            thread.execute(this::paintWaiting);
        }
    }

    private void paintWaiting() {
        Request request = waiting.getAndSet(null);
        if (request == null || request.view().width() < 1 || request.view().height() < 1) {
            return;
        }
        BufferedImage image;
        try {
            image = picture(request);
        } catch (RuntimeException | Error e) {
            // The last picture stays where it belongs, and the next request is painted anew.
            last = null;
            System.getLogger(FramePainter.class.getName())
                    .log(System.Logger.Level.WARNING, "the table could not be painted", e);
            return;
        }
        last = new Painted(request, image);
        int width = image.getWidth();
        int height = image.getHeight();
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        // Shown as it is, without a copy in other bytes for every picture of the screen.
        WritableImage target =
                new WritableImage(
                        new PixelBuffer<>(
                                width,
                                height,
                                IntBuffer.wrap(pixels),
                                PixelFormat.getIntArgbPreInstance()));
        Platform.runLater(() -> whenPainted.accept(new Frame(target, request.view())));
    }

    /** Where the last picture shows the same it is taken over; only the rest is painted. */
    private BufferedImage picture(Request request) {
        View view = request.view();
        int width = (int) Math.ceil(view.width() * request.density());
        int height = (int) Math.ceil(view.height() * request.density());
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Rectangle whole = new Rectangle(width, height);
        Optional<Point> move =
                last == null || !last.request.isLike(request)
                        ? Optional.empty()
                        : wholePixels(last.request.toPx(), request.toPx());
        Rectangle kept = new Rectangle();
        if (move.isPresent()) {
            kept = new Rectangle(whole);
            kept.translate(move.get().x, move.get().y);
            kept = kept.intersection(whole);
        }
        if (kept.isEmpty()) {
            paint(request, image, whole);
            return image;
        }
        Graphics2D graphics = image.createGraphics();
        graphics.setComposite(AlphaComposite.Src);
        graphics.drawImage(last.image, move.get().x, move.get().y, null);
        graphics.dispose();
        int right = kept.x + kept.width;
        int below = kept.y + kept.height;
        paint(request, image, new Rectangle(0, 0, width, kept.y));
        paint(request, image, new Rectangle(0, below, width, height - below));
        paint(request, image, new Rectangle(0, kept.y, kept.x, kept.height));
        paint(request, image, new Rectangle(right, kept.y, width - right, kept.height));
        return image;
    }

    /** How far a picture has moved, if that is by whole pixels. */
    private static Optional<Point> wholePixels(AffineTransform from, AffineTransform to) {
        double dx = to.getTranslateX() - from.getTranslateX();
        double dy = to.getTranslateY() - from.getTranslateY();
        Point move = new Point((int) Math.rint(dx), (int) Math.rint(dy));
        boolean whole = Math.abs(dx - move.x) < WHOLE && Math.abs(dy - move.y) < WHOLE;
        return whole ? Optional.of(move) : Optional.empty();
    }

    private static void paint(Request request, BufferedImage image, Rectangle part) {
        if (part.isEmpty()) {
            return;
        }
        Graphics2D graphics = image.createGraphics();
        graphics.clip(part);
        AffineTransform toPx = request.toPx();
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
            int width = image.getWidth();
            dimBeyond(graphics, toPx, pageWidth, pageHeight, width, image.getHeight());
        } else {
            request.painter()
                    .paint(
                            graphics,
                            toPx,
                            part,
                            request.mode() != TableMode.LINES,
                            request.mode() != TableMode.FILLS);
        }
        graphics.dispose();
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
