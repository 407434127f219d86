package neattrace.app.station.press;

import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import neattrace.app.docket.Buttons;
import neattrace.flat.StarterPalette;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;

/** Our own palettes, a row each, as they print. */
final class PaletteChips extends VBox {

    private static final double CHIP = 15;

    private final Consumer<Cmyk> whenChosen;
    private PressProfile shown;

    PaletteChips(Consumer<Cmyk> whenChosen) {
        super(2);
        this.whenChosen = whenChosen;
        setId("palette-chips");
    }

    /** Shows them on a press. */
    void show(PressProfile press) {
        // What is shown stays: the chip that was pressed keeps the focus.
        if (press.equals(shown)) {
            return;
        }
        shown = press;
        getChildren().clear();
        for (int row = 0; row < StarterPalette.ALL.size(); row++) {
            StarterPalette palette = StarterPalette.ALL.get(row);
            Label name = new Label(palette.name());
            name.getStyleClass().add("swatch-inks");
            name.setPrefWidth(86);
            name.setMinWidth(Region.USE_PREF_SIZE);
            HBox chips = new HBox(1, name);
            for (StarterPalette.Colour one : palette.colours()) {
                chips.getChildren()
                        .add(chip(one, press, row + "-" + (chips.getChildren().size() - 1)));
            }
            getChildren().add(chips);
        }
    }

    private Button chip(StarterPalette.Colour one, PressProfile press, String number) {
        Button chip = Buttons.small("", "palette-" + number, () -> whenChosen.accept(one.build()));
        chip.setGraphic(new Rectangle(CHIP, CHIP, Color.web(press.preview(one.build()).hex())));
        chip.setStyle("-fx-padding: 1;");
        chip.setAccessibleText(one.name() + ", " + one.build());
        chip.setTooltip(new Tooltip(one.name() + ", " + one.build()));
        return chip;
    }
}
