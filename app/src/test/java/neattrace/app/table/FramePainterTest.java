package neattrace.app.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import neattrace.app.work.ScanPyramid;
import neattrace.app.work.Shown;
import neattrace.export.PlanPainter;
import neattrace.flat.StarterColours;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.change.Colouring;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.print.Plans;
import neattrace.raster.PngFile;
import neattrace.stage.Progress;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.testfx.framework.junit5.ApplicationExtension;

/** A picture of which a part was taken over from the last one is the picture painted whole. */
@ExtendWith(ApplicationExtension.class)
class FramePainterTest {

    private static final View VIEW = new View(new Point(12, 8), 13.7, false, 300, 200);

    /** An edge right on one of the eight rows in which a pixel is sampled falls to either side. */
    private static final int ROW = 32;

    private static Shown shown;

    private final BlockingQueue<FramePainter.Frame> frames = new LinkedBlockingQueue<>();
    private final FramePainter painter = new FramePainter(frames::add);
    private final FramePainter other = new FramePainter(frames::add);

    @BeforeAll
    static void draw() throws Exception {
        BufferedImage image = new BufferedImage(300, 200, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 300, 200);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(5));
        for (int k = 0; k < 5; k++) {
            g.draw(new Ellipse2D.Double(20 + 50 * k, 30 + 13 * k, 60, 70));
        }
        g.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        PngFile.write(image, 300, png);
        Job job =
                Job.of(new Source("rings.png", png.toByteArray()))
                        .withSwatches(List.of(StarterColours.swatch(1)));
        Pipeline pipeline = new Pipeline();
        Drawing lines = pipeline.run(job, Progress.SILENT);
        Job filled = Colouring.fill(job, lines, lines.areas().enclosed(), 1);
        Drawing drawing = pipeline.run(filled, Progress.SILENT);
        Artwork art = Artwork.of(drawing, PressProfile.bundled());
        shown =
                new Shown(
                        new neattrace.app.work.Sitting(),
                        drawing,
                        art,
                        new PlanPainter(Plans.forPixels(art)),
                        ScanPyramid.of(drawing.picture(), drawing.reading().frame()),
                        List.of());
    }

    @AfterEach
    void close() {
        painter.close();
        other.close();
    }

    private int[] paint(FramePainter with, View view, TableMode mode, Color page, double density)
            throws InterruptedException {
        with.request(new FramePainter.Request(shown, shown.painter(), view, mode, page, density));
        FramePainter.Frame frame = frames.poll(30, TimeUnit.SECONDS);
        assertThat(frame.view()).isEqualTo(view);
        WritableImage image = frame.image();
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        int[] pixels = new int[width * height];
        image.getPixelReader()
                .getPixels(
                        0, 0, width, height, PixelFormat.getIntArgbPreInstance(), pixels, 0, width);
        return pixels;
    }

    /** The largest difference of any channel of any pixel. */
    private static int difference(int[] one, int[] other) {
        assertThat(one).hasSameSizeAs(other);
        int most = 0;
        for (int i = 0; i < one.length; i++) {
            for (int shift = 0; shift < 32; shift += 8) {
                int difference = (one[i] >> shift & 0xff) - (other[i] >> shift & 0xff);
                most = Math.max(most, Math.abs(difference));
            }
        }
        return most;
    }

    @ParameterizedTest
    @EnumSource(TableMode.class)
    void movedByWholePixelsInAnyDirection(TableMode mode) throws Exception {
        View view = VIEW;
        paint(painter, view, mode, Color.WHITE, 1);
        int[][] moves = {{17, 0}, {0, -23}, {-40, 31}, {3, 8}, {400, 0}, {-390, 5}, {0, 0}};
        for (int[] move : moves) {
            view = view.panned(move[0], move[1]);
            int[] moved = paint(painter, view, mode, Color.WHITE, 1);
            // Another page in between, so that nothing can be taken over.
            paint(other, view, mode, Color.GRAY, 1);
            int[] whole = paint(other, view, mode, Color.WHITE, 1);
            assertThat(difference(moved, whole)).isLessThanOrEqualTo(ROW);
        }
        assertThat(IntStream.of(paint(painter, VIEW, mode, Color.WHITE, 1)).distinct().count())
                .isGreaterThan(10);
    }

    @Test
    void movedByPartsOfPixelsZoomedOrFlippedItIsPaintedWhole() throws Exception {
        View[] views = {
            VIEW,
            VIEW.panned(1, 1),
            VIEW.panned(0.4, 0),
            VIEW.panned(0.4, 0).zoomed(1.1, 40, 50),
            VIEW.mirrored(),
            VIEW.mirrored().panned(5, 0)
        };
        for (View view : views) {
            int[] moved = paint(painter, view, TableMode.ALL, Color.WHITE, 1.25);
            paint(other, view, TableMode.ALL, Color.GRAY, 1.25);
            int[] whole = paint(other, view, TableMode.ALL, Color.WHITE, 1.25);
            assertThat(difference(moved, whole)).isZero();
        }
    }

    /** The window's last pulse may come after its table was closed. */
    @Test
    void whatIsAskedOfAClosedOneIsLeft() {
        painter.close();
        painter.request(
                new FramePainter.Request(
                        shown, shown.painter(), VIEW, TableMode.ALL, Color.WHITE, 1));
        assertThat(frames).isEmpty();
    }
}
