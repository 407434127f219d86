package neattrace.app.docket;

import java.util.function.Consumer;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.text.Text;

/**
 * Words within a sentence. Enter or leaving it takes them, Escape puts the old ones back. An empty
 * one says in another look what it would hold.
 */
public final class TextValue extends TextField {

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
        this.whenSet = whenSet;
        getStyleClass().addAll("value", "text-value");
        setAccessibleText(name);
        setPromptText(prompt);
        setOnAction(event -> take());
        focusedProperty()
                .addListener(
                        (property, before, focused) -> {
                            if (!focused) {
                                take();
                            }
                        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        textProperty().addListener(property -> fitWidth());
        fontProperty().addListener(property -> fitWidth());
        fitWidth();
    }

    /** As wide as what it says, so that it reads as part of the sentence. */
    private void fitWidth() {
        Text measure = new Text(getText().isEmpty() ? getPromptText() : getText());
        measure.setFont(getFont());
        double wanted = measure.getLayoutBounds().getWidth() + PADDING;
        double width = Math.max(LEAST_WIDTH, Math.min(MOST_WIDTH, wanted));
        setMinWidth(width);
        setPrefWidth(width);
        setMaxWidth(width);
    }

    /** Shows words without reporting them. */
    public void show(String next) {
        boolean typing = isFocused() && !getText().equals(value);
        value = next;
        if (!typing) {
            setText(next);
        }
    }

    private void pressed(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE && !getText().equals(value)) {
            setText(value);
            event.consume();
        }
    }

    private void take() {
        String words = getText().strip();
        if (!words.equals(value)) {
            whenSet.accept(words);
        }
    }
}
