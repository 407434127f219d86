package neattrace.app.docket;

import java.util.function.DoubleConsumer;
import java.util.function.DoubleFunction;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A number on a slide: shows its effect while it moves and takes it when it is let go. */
public final class SlideField extends VBox {

    private final Slider slider;
    private final Label value = new Label();
    private final DoubleFunction<String> words;
    private final DoubleConsumer whenMoved;
    private final DoubleConsumer whenSet;
    private double shown;

    /** Set while the program moves the slide, which is not the user's doing. */
    private boolean silent;

    /**
     * A slide.
     *
     * @param name said above it and to screen readers
     * @param least value at the left end
     * @param most value at the right end
     * @param words how a value reads
     * @param whenMoved called on every move
     * @param whenSet called when a new value is let go
     */
    public SlideField(
            String name,
            double least,
            double most,
            DoubleFunction<String> words,
            DoubleConsumer whenMoved,
            DoubleConsumer whenSet) {
        super(2);
        this.words = words;
        this.whenMoved = whenMoved;
        this.whenSet = whenSet;
        slider = new Slider(least, most, least);
        slider.setAccessibleText(name);
        slider.setBlockIncrement(1);
        Label label = new Label(name);
        label.getStyleClass().add("slide-name");
        value.getStyleClass().add("slide-value");
        HBox head = new HBox(label, value);
        head.setAlignment(Pos.BASELINE_LEFT);
        label.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(label, Priority.ALWAYS);
        getChildren().addAll(head, slider);
        slider.valueProperty().addListener(property -> moved());
        slider.setOnMouseReleased(event -> set());
        slider.setOnKeyReleased(
                event -> {
                    if (event.getCode() != KeyCode.TAB) {
                        set();
                    }
                });
        show(least);
    }

    /** The slide's id, for tests. */
    public void setSliderId(String id) {
        slider.setId(id);
    }

    private double current() {
        return Math.rint(slider.getValue());
    }

    private void moved() {
        value.setText(words.apply(current()));
        if (!silent) {
            whenMoved.accept(current());
        }
    }

    private void set() {
        if (current() != shown) {
            shown = current();
            whenSet.accept(shown);
        }
    }

    /** Shows a value without reporting it; not while it is being moved. */
    public void show(double next) {
        if (slider.isValueChanging() || slider.isPressed()) {
            return;
        }
        silent = true;
        shown = Math.rint(next);
        slider.setValue(next);
        value.setText(words.apply(shown));
        silent = false;
    }
}
