package neattrace.app.findings;

import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;

/** Buttons with the key that does the same. */
final class Answers {

    /** As wide as the room of findings has it, px. */
    private static final double MOST_PX = 262;

    private static final int LONG = 32;

    private Answers() {}

    /**
     * A button.
     *
     * @param key shown behind the label; empty for none
     */
    static Button button(String label, String key, Runnable action) {
        Button button = new Button(label);
        button.getStyleClass().setAll("answer");
        button.setFocusTraversable(false);
        button.setOnAction(event -> action.run());
        // A long one is cut off rather than pushed out of sight, and told in full beside the mouse.
        button.setMaxWidth(MOST_PX);
        button.setTooltip(label.length() > LONG ? new Tooltip(label) : null);
        if (!key.isEmpty()) {
            Label cap = new Label(key);
            cap.getStyleClass().addAll("keycap", "small");
            button.setGraphic(cap);
            button.setContentDisplay(ContentDisplay.RIGHT);
        }
        return button;
    }
}
