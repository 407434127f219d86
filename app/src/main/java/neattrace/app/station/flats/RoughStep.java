package neattrace.app.station.flats;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.app.work.Worker;
import neattrace.flat.Swatch;
import neattrace.flat.exchange.ColourNames;
import neattrace.flat.rough.RoughFitting;
import neattrace.job.Job;
import neattrace.job.change.RoughFlats;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.Rgb;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;

/** A reference picture: colours are picked off it, or the whole drawing is coloured from it. */
final class RoughStep implements Step {

    private static final int WIDTH = 284;
    private static final int HEIGHT = 150;

    private final FlatsDesk desk;
    private final ImageView view = new ImageView();
    private final Hint hint = new Hint("");
    private final Button use;
    private final VBox content;
    private final ExecutorService reading = Worker.named("rough", Thread.NORM_PRIORITY);
    private long newest;
    private Picture picture;
    private String name = "";
    private boolean ownSwatches;

    RoughStep(FlatsDesk desk) {
        this.desk = desk;
        view.setId("reference");
        view.setPreserveRatio(true);
        view.setFitWidth(WIDTH);
        view.setFitHeight(HEIGHT);
        view.setOnMouseClicked(this::clicked);
        view.setAccessibleText("The reference picture; a click takes a colour");
        use = Buttons.small("Colour the drawing from it", "use-rough", this::colour);
        ChoiceField<Boolean> colours =
                new ChoiceField<>(
                        "Whose colours",
                        List.of(false, true),
                        own -> own ? "the swatches that are here" : "the picture's own colours",
                        own -> ownSwatches = own);
        colours.setId("rough-colours");
        content =
                new VBox(
                        8,
                        Buttons.small("Open a picture …", "open-rough", this::choose),
                        view,
                        new Sentence("It gives", colours, "."),
                        use,
                        hint);
        showPicture();
    }

    private void choose() {
        File file =
                desk.choose(
                        "Open a rough or a reference",
                        "Pictures",
                        PictureReader.ENDINGS.stream()
                                .map(ending -> "*." + ending)
                                .toArray(String[]::new));
        if (file != null) {
            open(file.toPath());
        }
    }

    /** Opens a reference picture; reading it takes its time, so it happens aside. */
    void open(Path file) {
        long ticket = ++newest;
        CompletableFuture.supplyAsync(() -> read(file), reading)
                .whenComplete(
                        (read, failure) ->
                                Platform.runLater(
                                        () -> {
                                            // What was chosen last is shown, whichever is read
                                            // first.
                                            if (ticket == newest) {
                                                opened(file, read, failure);
                                            }
                                        }));
    }

    private static Picture read(Path file) {
        try {
            return PictureReader.read(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void opened(Path file, Picture read, Throwable failure) {
        if (failure != null) {
            desk.workspace()
                    .tellTrouble(
                            failure.getCause() instanceof UncheckedIOException e
                                    ? e.getCause()
                                    : new IOException("The picture cannot be read.", failure));
            return;
        }
        picture = read;
        name = file.getFileName().toString();
        showPicture();
    }

    private void showPicture() {
        boolean there = picture != null;
        view.setVisible(there);
        view.setManaged(there);
        use.setDisable(!there);
        hint.setText(
                there
                        ? "A click on the picture takes its colour as a new swatch."
                        : "Colours dabbed loosely over a copy of the drawing, of any size, become"
                                + " flats. Colours can also be taken off any picture.");
        if (there) {
            view.setImage(small(picture));
        }
    }

    /** No larger than it is shown, each pixel the nearest of the picture's. */
    private static WritableImage small(Picture picture) {
        double scale =
                Math.min(
                        1,
                        2
                                * Math.min(
                                        (double) WIDTH / picture.width(),
                                        (double) HEIGHT / picture.height()));
        int width = (int) Math.max(1, Math.round(picture.width() * scale));
        int height = (int) Math.max(1, Math.round(picture.height() * scale));
        int[] pixels = new int[width * height];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                pixels[y * width + x] =
                        0xFF000000
                                | picture.rgbAt(
                                        (int) ((x + 0.5) * picture.width() / width),
                                        (int) ((y + 0.5) * picture.height() / height));
            }
        }
        WritableImage image = new WritableImage(width, height);
        image.getPixelWriter()
                .setPixels(
                        0, 0, width, height, PixelFormat.getIntArgbPreInstance(), pixels, 0, width);
        return image;
    }

    private void clicked(MouseEvent event) {
        double shownWidth = view.getBoundsInLocal().getWidth();
        int x = (int) (event.getX() / shownWidth * picture.width());
        int y = (int) (event.getY() / shownWidth * picture.width());
        if (x >= 0 && y >= 0 && x < picture.width() && y < picture.height()) {
            take(x, y);
        }
    }

    /** Takes the mean colour round a pixel as a new swatch in hand. */
    void take(int x, int y) {
        long[] sum = new long[4];
        for (int v = Math.max(0, y - 1); v <= Math.min(picture.height() - 1, y + 1); v++) {
            for (int u = Math.max(0, x - 1); u <= Math.min(picture.width() - 1, x + 1); u++) {
                Rgb rgb = Rgb.of(picture.rgbAt(u, v));
                sum[0] += rgb.r();
                sum[1] += rgb.g();
                sum[2] += rgb.b();
                sum[3]++;
            }
        }
        Rgb mean =
                new Rgb((int) (sum[0] / sum[3]), (int) (sum[1] / sum[3]), (int) (sum[2] / sum[3]));
        Job job = desk.job();
        String called =
                new ColourNames()
                        .taken(job.swatches().stream().map(Swatch::name).toList())
                        .name(mean.toLab());
        Swatch swatch =
                new Swatch(job.freeSwatchId(), called, desk.workspace().press().nearest(mean))
                        .withWish(Optional.of(mean));
        desk.change("Colour off a picture", now -> now.withSwatch(swatch));
        desk.inHand().set(swatch.id());
        desk.workspace().say("In hand: " + called + ", " + swatch.build());
    }

    /** Colours the drawing. */
    void colour() {
        if (picture == null) {
            return;
        }
        Picture rough = picture;
        boolean onlyOwn = ownSwatches;
        if (onlyOwn && desk.job().swatches().isEmpty()) {
            desk.workspace()
                    .say("There are no swatches yet; let the picture give its own colours.");
            return;
        }
        var traced = desk.drawing().traced();
        Pipeline pipeline = desk.workspace().pipeline();
        desk.workspace()
                .derive(
                        "Colour from " + name,
                        progress -> {
                            RoughFitting.Fitted fitted = RoughFitting.fit(rough, traced.ink());
                            Pipeline apart = pipeline.apart();
                            RoughFlats.Coloured coloured =
                                    RoughFlats.of(
                                            apart,
                                            traced,
                                            fitted.picture(),
                                            onlyOwn,
                                            desk.workspace().press(),
                                            progress);
                            Job result = coloured.drawing().job();
                            pipeline.takeOver(apart);
                            // Told only if it comes to be: another change may overtake it.
                            return job -> {
                                report(coloured, fitted);
                                return job.withClose(result.close())
                                        .withSwatches(result.swatches())
                                        .withFills(result.fills());
                            };
                        });
    }

    private void report(RoughFlats.Coloured coloured, RoughFitting.Fitted fitted) {
        int areas = coloured.drawing().attachment().swatchOf().size();
        String moved = fitted.moved() ? " It was laid over what is drawn." : "";
        hint.setText(
                coloured.fitsBadly()
                        ? String.format(
                                Locale.ROOT,
                                "It fits badly: only %.0f %% of the areas lies under one clear"
                                        + " colour. Was it made for this drawing? Undo takes it back.",
                                100 * coloured.clearShare())
                        : areas + " areas took its colours." + moved + " Undo takes it back.");
    }

    @Override
    public String title() {
        return "Picture";
    }

    @Override
    public String state(Shown shown) {
        return picture == null ? "none open" : name;
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        // It belongs to the window, not to the drawing.
    }
}
