package neattrace.app.docket;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/** Small buttons of the docket. */
public final class Buttons {

    private Buttons() {}

    /** A small button that does something. */
    public static Button small(String text, String id, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().setAll("answer");
        // A word cut off tells nothing.
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(event -> action.run());
        return button;
    }

    /** A button over the table with the key that does the same. */
    public static Button keyed(String title, String key, String id, Runnable action) {
        Button button = new Button(title);
        button.setOnAction(event -> action.run());
        Label cap = new Label(key);
        cap.getStyleClass().add("keycap");
        button.setGraphic(cap);
        button.setId(id);
        button.getStyleClass().setAll("view-button");
        button.setFocusTraversable(false);
        button.setAccessibleText(title + ", key " + key);
        return button;
    }
}
