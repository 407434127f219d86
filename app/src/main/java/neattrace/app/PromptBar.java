package neattrace.app;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import neattrace.app.docket.Choice;

/** A question across the top of the table. */
final class PromptBar extends HBox {

    private final Label question = new Label();
    private boolean telling;

    PromptBar() {
        super(12);
        getStyleClass().add("prompt");
        setAlignment(Pos.CENTER_LEFT);
        setMaxHeight(USE_PREF_SIZE);
        question.setWrapText(true);
        question.setMinSize(0, Region.USE_PREF_SIZE);
        HBox.setHgrow(question, Priority.ALWAYS);
        hide();
    }

    /** Asks; every answer hides the question and does its work. */
    void ask(String text, Choice... answers) {
        telling = false;
        question.setText(text);
        getChildren().setAll(question);
        for (Choice answer : answers) {
            Button button = new Button(answer.label());
            button.getStyleClass().setAll("answer");
            // The question gives way, on as many lines as it takes; answers are read whole.
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setOnAction(
                    event -> {
                        hide();
                        answer.action().run();
                    });
            getChildren().add(button);
        }
        setVisible(true);
        setManaged(true);
        getChildren().get(1).requestFocus();
    }

    /** What was asked no longer matters. */
    void over() {
        hide();
    }

    /** Tells of trouble until it is read or over; never over a question. Empty text is over. */
    void tell(String trouble) {
        if (isVisible() && !telling) {
            return;
        }
        hide();
        if (!trouble.isEmpty()) {
            ask(trouble, new Choice("All right", () -> {}));
            telling = true;
        }
    }

    private void hide() {
        telling = false;
        getChildren().clear();
        setVisible(false);
        setManaged(false);
    }
}
