package neattrace.app.station.press;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.flat.Swatch;
import neattrace.job.Job;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.Reach;
import neattrace.press.Rgb;

/** The colours as they print, those that look duller first. */
final class SwatchStep implements Step {

    private final PressDesk desk;
    private final VBox rows = new VBox(2);
    private final ColourInHand chosen;
    private final VBox content;
    private int inHand;

    SwatchStep(PressDesk desk) {
        this.desk = desk;
        ScrollPane scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("swatch-scroll");
        scroll.setMinHeight(130);
        scroll.setPrefHeight(130);
        scroll.setMaxHeight(130);
        chosen = new ColourInHand(desk);
        content = new VBox(8, scroll, chosen);
    }

    private PressProfile press() {
        return desk.bench().workspace().press();
    }

    @Override
    public String title() {
        return "Colours";
    }

    @Override
    public String state(Shown shown) {
        long dull = reaches(shown.drawing().job()).stream().filter(Reach::isSeen).count();
        return dull == 0 ? "as meant" : dull + " otherwise";
    }

    private List<Reach> reaches(Job job) {
        List<Reach> all = new ArrayList<>();
        for (Swatch one : job.swatches()) {
            if (one.wish().isPresent() && one.spot().isEmpty()) {
                all.add(Reach.of(one.wish().get(), one.build(), press()));
            }
        }
        return all;
    }

    private double off(Swatch one) {
        return one.wish().isEmpty() || one.spot().isPresent()
                ? 0
                : Reach.of(one.wish().get(), one.build(), press()).difference();
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        if (shown == null) {
            return;
        }
        Job job = shown.drawing().job();
        rows.getChildren().clear();
        List<Swatch> sorted = new ArrayList<>(job.swatches());
        sorted.sort(Comparator.comparingDouble(this::off).reversed());
        if (job.swatch(inHand).isEmpty() && !sorted.isEmpty()) {
            inHand = sorted.get(0).id();
        }
        sorted.forEach(one -> rows.getChildren().add(row(one, job)));
        Optional<Swatch> now = job.swatch(inHand);
        chosen.setVisible(now.isPresent());
        chosen.setManaged(now.isPresent());
        if (now.isEmpty()) {
            rows.getChildren().add(new Hint("There are no colours yet: Flats lays them."));
            return;
        }
        chosen.show(now.get(), job);
    }

    /** Takes colours off a picture of a file. */
    void openPicture(Path file) {
        chosen.openPicture(file);
    }

    private Node row(Swatch one, Job job) {
        Rgb printed = one.spot().map(Lab::toScreen).orElseGet(() -> press().preview(one.build()));
        Rgb wish = one.wish().orElse(printed);
        Rectangle screen = new Rectangle(22, 22, Color.web(wish.hex()));
        Rectangle print = new Rectangle(22, 22, Color.web(printed.hex()));
        Label name = new Label(one.name());
        name.getStyleClass().add("swatch-name");
        String inks =
                job.press().cloth().contains(one.id())
                        ? "the cloth shows it"
                        : one.spot().isPresent() ? "an ink of its own" : one.build().toString();
        Label words = new Label(inks);
        words.getStyleClass().add("swatch-inks");
        VBox texts = new VBox(name, words);
        HBox.setHgrow(texts, Priority.ALWAYS);
        double off = off(one);
        Label away =
                new Label(off >= Reach.SEEN ? String.format(Locale.ROOT, "%.0f away", off) : "");
        away.getStyleClass().add("swatch-total");
        HBox row = new HBox(8, new HBox(screen, print), texts, away);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("ink-row");
        row.setAccessibleText(one.name());
        row.setFocusTraversable(true);
        row.setOpacity(one.id() == inHand ? 1 : 0.75);
        row.setOnMouseClicked(event -> take(one.id()));
        row.setOnKeyPressed(
                event -> {
                    if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                        take(one.id());
                        event.consume();
                    }
                });
        return row;
    }

    private void take(int id) {
        inHand = id;
        show(desk.bench().shown());
    }
}
