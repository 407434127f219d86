package neattrace.app.docket;

import javafx.scene.control.Button;

/** Small buttons of the docket. */
public final class Buttons {

    private Buttons() {}

    /** A small button that does something. */
    public static Button small(String text, String id, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().setAll("answer");
        button.setOnAction(event -> action.run());
        return button;
    }
}
