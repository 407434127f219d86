package neattrace.bench;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.stage.Window;
import neattrace.app.NeatTraceApp;
import neattrace.app.table.Table;
import neattrace.geom.Outline;
import neattrace.raster.PngFile;

/**
 * Pictures of the screen a second while the table is dragged about in circles, then zoomed in and
 * out: the whole program in its window, a page of rings, all of them in sight at first.
 */
public final class Panning {

    private static final int SIDE = 4000;
    private static final int PPI = 400;
    private static final int ROUNDS = 5;
    private static final int PICTURES = 240;
    private static final double RADIUS = 120;

    /** Steps of the mouse in one circle. */
    private static final double STEPS = 90;

    /** Pictures in which the wheel goes in and out again. */
    private static final int ZOOMED = 80;

    private Panning() {}

    /** Arguments: how many rings along a side of the page; 58 unless said. */
    public static void main(String[] arguments) throws IOException {
        int along = arguments.length == 0 ? 58 : Integer.parseInt(arguments[0]);
        Path file = Files.write(Files.createTempFile("rings", ".png"), rings(along));
        file.toFile().deleteOnExit();
        Platform.setImplicitExit(true);
        Thread watch = new Thread(Panning::waitForTheDrawing);
        watch.setDaemon(true);
        watch.start();
        Application.launch(NeatTraceApp.class, file.toString());
    }

    private static byte[] rings(int along) throws IOException {
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, SIDE, SIDE);
        g.setColor(Color.BLACK);
        double step = (SIDE - 200.0) / along;
        g.setStroke(new BasicStroke((float) (step / 12)));
        for (int row = 0; row < along; row++) {
            for (int column = 0; column < along; column++) {
                // Ellipses, since a circle is one arc and has no points to speak of.
                double size = step * (0.55 + 0.03 * ((row * 7 + column) % 10));
                double x = 100 + (column + 0.5) * step;
                double y = 100 + (row + 0.5) * step;
                g.draw(new Ellipse2D.Double(x - size / 2, y - size / 3, size, size / 1.5));
            }
        }
        g.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        PngFile.write(image, PPI, png);
        return png.toByteArray();
    }

    private static void waitForTheDrawing() {
        try {
            while (true) {
                Thread.sleep(500);
                Platform.runLater(Panning::startIfShown);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static boolean started;

    private static void startIfShown() {
        if (started || Window.getWindows().isEmpty()) {
            return;
        }
        Window window = Window.getWindows().get(0);
        Table table = (Table) window.getScene().lookup(".table");
        if (table != null && table.shownProperty().get() != null) {
            started = true;
            int points =
                    table.shownProperty().get().drawing().lines().stream()
                            .mapToInt(Outline::segments)
                            .sum();
            System.out.printf(
                    Locale.ROOT,
                    "%d points, table of %.0f x %.0f, %s%n",
                    points,
                    table.getWidth(),
                    table.getHeight(),
                    System.getProperty("prism.order", "usual pipeline"));
            new Drag(table).start();
        }
    }

    /**
     * Drags the table once for each picture and counts them. The events are made here: to move the
     * pointer itself at every picture slows even an empty window from 61 to 54 a second.
     */
    private static final class Drag extends AnimationTimer {

        private final Table table;
        private final double[] apart = new double[PICTURES];
        private int picture = -PICTURES;
        private int round;
        private long last;

        Drag(Table table) {
            this.table = table;
            fire(MouseEvent.MOUSE_PRESSED, RADIUS, 0);
        }

        private void fire(EventType<MouseEvent> kind, double dx, double dy) {
            double x = Math.rint(table.getWidth() / 2 + dx);
            double y = Math.rint(table.getHeight() / 2 + dy);
            Point2D at = table.localToScreen(x, y);
            boolean down = kind != MouseEvent.MOUSE_RELEASED;
            Event.fireEvent(
                    table,
                    new MouseEvent(
                            kind,
                            x,
                            y,
                            at.getX(),
                            at.getY(),
                            MouseButton.PRIMARY,
                            1,
                            false,
                            false,
                            false,
                            false,
                            down,
                            false,
                            false,
                            true,
                            false,
                            false,
                            null));
        }

        /** One turn of the wheel; in and out again in turns. */
        private void zoom() {
            double x = table.getWidth() / 2;
            double y = table.getHeight() / 2;
            double turn = Math.floorMod(picture, ZOOMED) < ZOOMED / 2 ? 20 : -20;
            Event.fireEvent(
                    table,
                    new ScrollEvent(
                            ScrollEvent.SCROLL,
                            x,
                            y,
                            x,
                            y,
                            false,
                            false,
                            false,
                            false,
                            false,
                            false,
                            0,
                            turn,
                            0,
                            turn,
                            ScrollEvent.HorizontalTextScrollUnits.NONE,
                            0,
                            ScrollEvent.VerticalTextScrollUnits.NONE,
                            0,
                            0,
                            null));
        }

        @Override
        public void handle(long now) {
            double angle = 2 * Math.PI * picture / STEPS;
            if (round < ROUNDS) {
                fire(MouseEvent.MOUSE_DRAGGED, RADIUS * Math.cos(angle), RADIUS * Math.sin(angle));
            } else {
                zoom();
            }
            long time = System.nanoTime();
            if (picture >= 0) {
                apart[picture] = (time - last) / 1e6;
            }
            last = time;
            if (++picture == PICTURES) {
                tell();
                picture = 0;
                if (++round == ROUNDS) {
                    fire(MouseEvent.MOUSE_RELEASED, RADIUS, 0);
                }
                if (round == 2 * ROUNDS) {
                    stop();
                    // Ends at once: what was opened here is not to be kept for the next start.
                    Runtime.getRuntime().halt(0);
                }
            }
        }

        private void tell() {
            double[] sorted = apart.clone();
            Arrays.sort(sorted);
            System.out.printf(
                    Locale.ROOT,
                    "%s %5.1f pictures a second; between two: half within %.1f ms, 99 %% %.1f, longest"
                            + " %.1f%n",
                    round < ROUNDS ? "panning" : "zooming",
                    1000 * PICTURES / Arrays.stream(apart).sum(),
                    sorted[PICTURES / 2],
                    sorted[PICTURES * 99 / 100],
                    sorted[PICTURES - 1]);
        }
    }
}
