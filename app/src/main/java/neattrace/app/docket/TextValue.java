package neattrace.app.docket;

import java.util.function.Consumer;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * Words within a sentence. Enter or leaving it takes them, Escape puts the old ones back. An empty
 * one says in another look what it would hold.
 */
public final class TextValue extends ValueField {

    private static final double LEAST_WIDTH = 60;
    private static final double MOST_WIDTH = 250;
    private static final double PADDING = 16;

    private final Consumer<String> whenSet;
    private String value = "";

    /**
     * A field.
     *
     * @param name for screen readers
     * @param prompt what an empty one would hold
     * @param whenSet called with new words
     */
    public TextValue(String name, String prompt, Consumer<String> whenSet) {
        super(name, LEAST_WIDTH, MOST_WIDTH, PADDING);
        this.whenSet = whenSet;
        getStyleClass().add("text-value");
        setPromptText(prompt);
    }

    /** Shows words without reporting them. */
    public void show(String next) {
        boolean typing = isFocused() && !getText().equals(value);
        value = next;
        if (!typing) {
            setText(next);
        }
    }

    @Override
    void pressed(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE && !getText().equals(value)) {
            setText(value);
            event.consume();
        }
    }

    @Override
    void take() {
        String words = getText().strip();
        if (!words.equals(value)) {
            whenSet.accept(words);
        }
    }
}
