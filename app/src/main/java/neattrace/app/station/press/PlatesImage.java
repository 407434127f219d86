package neattrace.app.station.press;

import java.awt.geom.Rectangle2D;
import java.util.function.Supplier;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import neattrace.app.work.Aside;

/**
 * What was painted last of the plates, beside the window's thread; only the newest that was asked
 * for counts. Methods belong to the JavaFX thread.
 */
final class PlatesImage {

    private Image image;
    private Rectangle2D of;
    private int asked;

    /** Paints a part of the sheet, mm; {@code whenThere} is called once it is there. */
    void ask(Rectangle2D window, int width, int height, Supplier<int[]> paint, Runnable whenThere) {
        int ticket = ++asked;
        Aside.run(
                paint::get,
                pixels -> {
                    if (ticket == asked) {
                        took(pixels, width, height, window);
                        whenThere.run();
                    }
                });
    }

    private void took(int[] pixels, int width, int height, Rectangle2D window) {
        WritableImage next = new WritableImage(width, height);
        next.getPixelWriter()
                .setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        image = next;
        of = window;
    }

    /** Nothing that was asked for is wanted any more. */
    void giveUp() {
        asked++;
    }

    /** What was painted is of another sheet. */
    void forget() {
        image = null;
    }

    /** Draws it where it belongs now, if there is anything. */
    void draw(PlatesPainter painter) {
        if (image != null) {
            painter.picture(image, of);
        }
    }
}
