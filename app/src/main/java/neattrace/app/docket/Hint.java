package neattrace.app.docket;

import javafx.scene.control.Label;

/** A few quiet words that explain; they wrap. */
public final class Hint extends Label {

    /** Words that may change later. */
    public Hint(String text) {
        super(text);
        getStyleClass().add("hint");
        setWrapText(true);
    }
}
