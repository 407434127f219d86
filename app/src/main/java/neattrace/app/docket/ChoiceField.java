package neattrace.app.docket;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.Button;

/** One of a few choices within a sentence; pressing it takes the next one. */
public final class ChoiceField<T> extends Button {

    private final List<T> choices;
    private final Function<T, String> words;
    private T value;

    /**
     * A field.
     *
     * @param name for screen readers
     * @param choices in the order in which they come
     * @param words how a choice reads in the sentence
     * @param whenSet called with a new choice
     */
    public ChoiceField(
            String name, List<T> choices, Function<T, String> words, Consumer<T> whenSet) {
        this.choices = List.copyOf(choices);
        this.words = words;
        getStyleClass().setAll("choice");
        setAccessibleText(name);
        setOnAction(
                event -> {
                    show(this.choices.get((this.choices.indexOf(value) + 1) % this.choices.size()));
                    whenSet.accept(value);
                });
        show(this.choices.get(0));
    }

    /** Shows a choice without reporting it. */
    public void show(T next) {
        value = next;
        setText(words.apply(next));
    }
}
