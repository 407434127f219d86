package neattrace.app;

import java.util.Locale;
import javafx.beans.property.BooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import neattrace.app.table.Table;
import neattrace.app.table.TableMode;

/** Ways of looking, at the lower edge of the table, each with its key. */
final class ViewBar extends FlowPane {

    private static final double MARGIN = 12;

    ViewBar(Table table) {
        super(4, 2);
        getStyleClass().add("view-bar");
        setAlignment(Pos.CENTER);
        setMaxHeight(USE_PREF_SIZE);
        setMaxWidth(USE_PREF_SIZE);
        table.widthProperty()
                .addListener(
                        (property, before, width) ->
                                setPrefWrapLength(Math.max(1, width.doubleValue() - 2 * MARGIN)));
        Button mode = new Button();
        mode.setOnAction(event -> nextMode(table));
        dress(mode, table.modeProperty().get().label(), "V");
        table.modeProperty().addListener((property, before, now) -> dress(mode, now.label(), "V"));
        getChildren()
                .addAll(
                        mode,
                        toggle("Lens", "U", table.lensProperty()),
                        toggle("Grey ground", "G", table.greyGroundProperty()),
                        action("Turn over", "O", table::flip),
                        action("Whole page", "W", table::fit),
                        action("True size", "T", table::trueSize));
    }

    /** As wide as it needs, and in two rows where the table is narrower. */
    @Override
    protected double computePrefWidth(double height) {
        return Math.min(getPrefWrapLength(), oneRow());
    }

    private double oneRow() {
        double width = snappedLeftInset() + snappedRightInset();
        for (Node button : getManagedChildren()) {
            width += button.prefWidth(-1) + getHgap();
        }
        return Math.ceil(width);
    }

    /** Lines and colours, lines, colours, and round again. */
    static void nextMode(Table table) {
        TableMode next =
                switch (table.modeProperty().get()) {
                    case ALL -> TableMode.LINES;
                    case LINES -> TableMode.FILLS;
                    case FILLS -> TableMode.SCAN;
                    case SCAN -> TableMode.ALL;
                };
        table.modeProperty().set(next);
    }

    private static ToggleButton toggle(String title, String key, BooleanProperty property) {
        ToggleButton button = new ToggleButton();
        button.selectedProperty().bindBidirectional(property);
        dress(button, title, key);
        return button;
    }

    private static Button action(String title, String key, Runnable action) {
        Button button = new Button();
        button.setOnAction(event -> action.run());
        dress(button, title, key);
        return button;
    }

    private static void dress(ButtonBase button, String title, String key) {
        Label cap = new Label(key);
        cap.getStyleClass().add("keycap");
        button.setText(title);
        button.setGraphic(cap);
        button.setId("view-" + title.toLowerCase(Locale.ROOT).replace(' ', '-'));
        button.getStyleClass().setAll("view-button");
        button.setFocusTraversable(false);
        button.setAccessibleText(title + ", key " + key);
    }
}
