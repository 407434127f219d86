package neattrace.app.station.press;

import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.OwnKeys;
import neattrace.flat.PictureColour;
import neattrace.job.Job;
import neattrace.job.log.Snapshot;
import neattrace.press.Rgb;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureException;
import neattrace.raster.reading.PictureReader;

/** A picture to take colours off: the reference that the brief keeps, or any other. */
final class PicturePicker extends VBox {

    private static final double WIDE = 264;
    private static final double HIGH = 130;

    /** A colour is that of so many pixels of what is seen, on each side. */
    private static final double REACH_PX = 2;

    private static final double STEP_PX = 4;

    /** More pixels round a place are not looked at for what is seen of a large picture. */
    private static final int MOST_REACH = 3;

    /** Reads a picture. */
    private interface Reading {

        Picture read() throws PictureException;
    }

    /** Keeps arrows for itself. */
    private static final class Frame extends StackPane implements OwnKeys {

        @Override
        public Set<KeyCode> ownKeys() {
            return POINTING;
        }
    }

    private final PressDesk desk;
    private final Consumer<Rgb> whenChosen;
    private final Canvas canvas = new Canvas(WIDE, HIGH);
    private final Frame frame = new Frame();
    private final Hint words = new Hint("");
    private Picture picture;
    private WritableImage image;
    private Snapshot kept;
    private int asked;
    private double scale = 1;
    private double x;
    private double y;

    PicturePicker(PressDesk desk, Consumer<Rgb> whenChosen) {
        super(4);
        this.desk = desk;
        this.whenChosen = whenChosen;
        frame.getChildren().add(canvas);
        frame.setId("picture-picker");
        frame.getStyleClass().add("reach-picker");
        frame.setFocusTraversable(true);
        frame.setAccessibleText("A picture; arrows move over it, Enter takes the colour there");
        frame.setAlignment(Pos.TOP_LEFT);
        frame.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        frame.focusedProperty().addListener(property -> draw());
        canvas.setOnMousePressed(
                event -> {
                    frame.requestFocus();
                    x = event.getX();
                    y = event.getY();
                    take();
                    event.consume();
                });
        HBox tools =
                new HBox(6, Buttons.small("Open a picture …", "open-colours", this::choose), words);
        tools.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(frame, tools);
        draw();
    }

    private void choose() {
        Optional.ofNullable(
                        desk.bench()
                                .choose(
                                        "Take colours off a picture",
                                        "Pictures",
                                        PictureReader.ENDINGS.stream()
                                                .map(ending -> "*." + ending)
                                                .toArray(String[]::new)))
                .ifPresent(file -> open(file.toPath()));
    }

    /** Takes a picture of a file. */
    void open(Path file) {
        read(() -> PictureReader.read(file));
    }

    /** Reads beside the window's thread; only the newest counts. */
    private void read(Reading reading) {
        int own = ++asked;
        words.setText("Reading it …");
        CompletableFuture.supplyAsync(
                        () -> {
                            try {
                                return Seen.of(reading.read());
                            } catch (PictureException e) {
                                throw new UncheckedIOException(e);
                            }
                        })
                .whenComplete(
                        (read, trouble) ->
                                Platform.runLater(
                                        () -> {
                                            if (asked == own) {
                                                took(read, trouble);
                                            }
                                        }));
    }

    private void took(Seen read, Throwable trouble) {
        if (trouble == null) {
            look(read);
            return;
        }
        boolean plain = trouble.getCause() instanceof UncheckedIOException;
        desk.bench()
                .say(
                        plain
                                ? trouble.getCause().getCause().getMessage()
                                : "The picture could not be read.");
        draw();
    }

    /** Shows the reference that the brief keeps, until another picture is opened. */
    void show(Job job) {
        Optional<Snapshot> reference =
                job.brief().references().stream()
                        .map(one -> one.picture())
                        .filter(one -> !one.isEmpty())
                        .findFirst();
        if (picture == null && reference.isPresent() && reference.get() != kept) {
            kept = reference.get();
            read(() -> PictureReader.read(kept.jpeg(), "the reference"));
        }
        draw();
    }

    private void look(Seen next) {
        picture = next.picture();
        scale = next.scale();
        image = new WritableImage(next.width(), next.height());
        image.getPixelWriter()
                .setPixels(
                        0,
                        0,
                        next.width(),
                        next.height(),
                        PixelFormat.getIntArgbInstance(),
                        next.pixels(),
                        0,
                        next.width());
        x = next.width() / 2.0;
        y = next.height() / 2.0;
        draw();
    }

    /** A picture and what is seen of it, 0xffRRGGBB; as long as it takes to read and reduce it. */
    private record Seen(Picture picture, double scale, int width, int height, int[] pixels) {

        static Seen of(Picture picture) {
            double scale = Math.min(WIDE / picture.width(), HIGH / picture.height());
            int width = (int) Math.max(1, Math.round(scale * picture.width()));
            int height = (int) Math.max(1, Math.round(scale * picture.height()));
            int[] pixels = new int[width * height];
            int reach = (int) Math.min(MOST_REACH, 0.5 / scale);
            for (int i = 0; i < pixels.length; i++) {
                int column = (int) Math.floor((i % width + 0.5) / scale);
                int row = (int) Math.floor((i / width + 0.5) / scale);
                pixels[i] = 0xff000000 | PictureColour.at(picture, column, row, reach).packed();
            }
            return new Seen(picture, scale, width, height, pixels);
        }
    }

    private int source(double seen) {
        return (int) Math.floor((seen + 0.5) / scale);
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, WIDE, HIGH);
        words.setText(
                picture == null
                        ? "Or keep a reference at the Brief."
                        : "A click takes the colour.");
        frame.setVisible(image != null);
        frame.setManaged(image != null);
        if (image == null) {
            return;
        }
        g.drawImage(image, 0, 0);
        g.setLineWidth(2.5);
        g.setStroke(Color.WHITE);
        g.strokeOval(x - 5, y - 5, 10, 10);
        g.setLineWidth(1.2);
        g.setStroke(Color.web(frame.isFocused() ? "#b3261e" : "#1c2b33"));
        g.strokeOval(x - 5.5, y - 5.5, 11, 11);
    }

    private void take() {
        draw();
        if (picture != null) {
            whenChosen.accept(
                    PictureColour.at(
                            picture,
                            source(x),
                            source(y),
                            (int) Math.round(REACH_PX / Math.max(scale, 0.02))));
        }
    }

    private void key(KeyEvent event) {
        double step = event.isShiftDown() ? 1 : STEP_PX;
        switch (event.getCode()) {
            case LEFT -> x = Math.max(0, x - step);
            case RIGHT -> x = Math.min(image == null ? 0 : image.getWidth() - 1, x + step);
            case UP -> y = Math.max(0, y - step);
            case DOWN -> y = Math.min(image == null ? 0 : image.getHeight() - 1, y + step);
            case ENTER, SPACE -> take();
            default -> {
                return;
            }
        }
        draw();
        event.consume();
    }
}
