package neattrace.app.station.flats;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;

/** A swatch to pick: its number, its colour, its name and its inks. */
final class SwatchCard extends ToggleButton {

    /** Black shows better on what is lighter. */
    private static final double LIGHT = 0.5;

    private static final double CHIP_WIDTH = 26;
    private static final double CHIP_HEIGHT = 25;

    SwatchCard(
            int number,
            String name,
            String inks,
            Color colour,
            boolean chosen,
            ToggleGroup group,
            Runnable whenPicked) {
        getStyleClass().setAll("swatch");
        setId("swatch-" + number);
        setToggleGroup(group);
        setSelected(chosen);
        setMinWidth(0);
        setMaxWidth(Double.MAX_VALUE);
        Rectangle chip = new Rectangle(CHIP_WIDTH, CHIP_HEIGHT, colour);
        chip.getStyleClass().add("chip");
        Label title = new Label(name);
        title.getStyleClass().add("swatch-name");
        Label build = new Label(inks);
        build.getStyleClass().add("swatch-inks");
        VBox words = new VBox(title, build);
        words.setMinWidth(0);
        setTooltip(new Tooltip(name + "\n" + inks));
        HBox.setHgrow(words, Priority.ALWAYS);
        Label key = new Label(number < 10 ? String.valueOf(number) : "");
        key.getStyleClass().add("chip-key");
        boolean light = colour.grayscale().getBrightness() > LIGHT;
        key.setStyle("-fx-text-fill: " + (light ? "black" : "white") + ";");
        HBox row = new HBox(6, new StackPane(chip, key), words);
        row.setAlignment(Pos.CENTER_LEFT);
        setGraphic(row);
        setAccessibleText(name + ", " + inks + (number < 10 ? ", key " + number : ""));
        setOnAction(event -> whenPicked.run());
    }
}
