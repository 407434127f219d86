package neattrace.app.station;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import neattrace.app.work.Aside;
import neattrace.export.PngWriter;
import neattrace.print.Artwork;
import neattrace.print.Plans;

/** Pictures of art, painted aside: thousands of areas take their time. */
public final class ArtPicture {

    private ArtPicture() {}

    /**
     * Paints art and shows it when done.
     *
     * @param sidePx pixels of the longer side
     * @param wanted whether the picture is still wanted; asked before it is painted and before it
     *     is shown
     */
    public static void paint(Artwork art, int sidePx, ImageView view, BooleanSupplier wanted) {
        paint(art, sidePx, true, view::setImage, wanted);
    }

    /**
     * The same for whoever takes a picture.
     *
     * @param colours whether colours are seen beneath the lines
     */
    public static void paint(
            Artwork art,
            int sidePx,
            boolean colours,
            Consumer<Image> show,
            BooleanSupplier wanted) {
        Aside.run(
                () -> wanted.getAsBoolean() ? preview(art, sidePx, colours) : new byte[0],
                png -> {
                    if (wanted.getAsBoolean()) {
                        show.accept(new Image(new ByteArrayInputStream(png)));
                    }
                });
    }

    private static byte[] preview(Artwork art, int sidePx, boolean colours) {
        try {
            return PngWriter.preview(Plans.forPixels(art), sidePx, colours);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
