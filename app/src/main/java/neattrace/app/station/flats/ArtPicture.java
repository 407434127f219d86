package neattrace.app.station.flats;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.concurrent.CompletableFuture;
import java.util.function.BooleanSupplier;
import javafx.application.Platform;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import neattrace.export.PngWriter;
import neattrace.print.Artwork;
import neattrace.print.Plans;

/** Pictures of art, painted aside: thousands of areas take their time. */
final class ArtPicture {

    private ArtPicture() {}

    /**
     * Paints art and shows it when done.
     *
     * @param sidePx pixels of the longer side
     * @param wanted whether the picture is still wanted; asked before it is painted and before it
     *     is shown
     */
    static void paint(Artwork art, int sidePx, ImageView view, BooleanSupplier wanted) {
        CompletableFuture.supplyAsync(
                        () -> wanted.getAsBoolean() ? preview(art, sidePx) : new byte[0])
                .thenAccept(
                        png ->
                                Platform.runLater(
                                        () -> {
                                            if (wanted.getAsBoolean()) {
                                                view.setImage(
                                                        new Image(new ByteArrayInputStream(png)));
                                            }
                                        }));
    }

    private static byte[] preview(Artwork art, int sidePx) {
        try {
            return PngWriter.preview(Plans.forPixels(art), sidePx);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
