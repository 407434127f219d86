package neattrace.app.docket;

import javafx.scene.control.Button;
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
}
