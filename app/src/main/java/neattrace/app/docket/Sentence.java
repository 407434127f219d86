package neattrace.app.docket;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;

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
                if (isPunctuation(word) && !getChildren().isEmpty()) {
                    tie(label);
                } else {
                    getChildren().add(label);
                }
            }
        }
    }

    private static boolean isPunctuation(String word) {
        return word.equals(".") || word.equals(",") || word.equals(";");
    }

    /** Punctuation stays with what it follows. */
    private void tie(Label punctuation) {
        Node before = getChildren().remove(getChildren().size() - 1);
        HBox tied = new HBox(1, before, punctuation);
        tied.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(tied);
    }
}
