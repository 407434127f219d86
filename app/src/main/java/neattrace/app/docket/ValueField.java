package neattrace.app.docket;

import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.text.Text;

/**
 * A value within a sentence: as wide as what it says, so that it reads as part of the sentence, and
 * taken by Enter or when it is left.
 */
abstract class ValueField extends TextField {

    private final double least;
    private final double most;
    private final double padding;

    /**
     * A field.
     *
     * @param name for screen readers
     * @param least width, px
     * @param most width, px
     * @param padding beside the words, px
     */
    ValueField(String name, double least, double most, double padding) {
        this.least = least;
        this.most = most;
        this.padding = padding;
        getStyleClass().add("value");
        setAccessibleText(name);
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
        promptTextProperty().addListener(property -> fitWidth());
        fontProperty().addListener(property -> fitWidth());
    }

    /** Takes what is typed, or puts back what was. */
    abstract void take();

    /** Says why what was typed is not taken. */
    void refuse(String why) {
        fireEvent(new RefusedEvent(why));
    }

    /** Sees keys before the field does. */
    abstract void pressed(KeyEvent event);

    private void fitWidth() {
        Text measure = new Text(getText().isEmpty() ? getPromptText() : getText());
        measure.setFont(getFont());
        double wanted = measure.getLayoutBounds().getWidth() + padding;
        double width = Math.max(least, Math.min(most, wanted));
        setMinWidth(width);
        setPrefWidth(width);
        setMaxWidth(width);
    }
}
