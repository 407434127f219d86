package neattrace.app.findings;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Choice;

/** What is looked at: in a sentence, why it matters, and what can be done. */
final class Detail extends VBox {

    private static final List<String> KEYS = List.of("↵", "⌫");

    private final Label title = new Label();
    private final Label reason = new Label();
    private final FlowPane choices = new FlowPane(6, 4);

    Detail() {
        super(5);
        getStyleClass().add("detail");
        title.getStyleClass().add("finding-title");
        title.setWrapText(true);
        title.setMinHeight(USE_PREF_SIZE);
        reason.getStyleClass().add("finding-reason");
        reason.setWrapText(true);
        reason.setMinHeight(USE_PREF_SIZE);
        setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(title, reason, choices);
        showNothing();
    }

    void showNothing() {
        title.setText("");
        reason.setText("");
        choices.getChildren().clear();
        setVisible(false);
        setManaged(false);
    }

    void show(String what, String why, List<Choice> answers) {
        title.setText(what);
        reason.setText(why);
        choices.getChildren().clear();
        for (int i = 0; i < answers.size(); i++) {
            Choice answer = answers.get(i);
            choices.getChildren()
                    .add(
                            Answers.button(
                                    answer.label(),
                                    i < KEYS.size() ? KEYS.get(i) : "",
                                    answer.action()));
        }
        setVisible(true);
        setManaged(true);
    }
}
