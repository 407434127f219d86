package neattrace.app.docket;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;

/** A sentence some of whose words can be changed. Words wrap one by one. */
public final class Sentence extends FlowPane {

    /** From plain strings and from fields, in reading order. */
    public Sentence(Object... parts) {
        super(4, 4);
        getStyleClass().add("sentence");
        for (Object part : parts) {
            if (part instanceof Node node) {
                getChildren().add(node);
                continue;
            }
            for (String word : part.toString().split(" ")) {
                Label label = new Label(word);
                label.getStyleClass().add("word");
                getChildren().add(label);
            }
        }
    }
}
