package neattrace.app.findings;

import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;

/** Buttons with the key that does the same. */
final class Answers {

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
        if (!key.isEmpty()) {
            Label cap = new Label(key);
            cap.getStyleClass().addAll("keycap", "small");
            button.setGraphic(cap);
            button.setContentDisplay(ContentDisplay.RIGHT);
        }
        return button;
    }
}
