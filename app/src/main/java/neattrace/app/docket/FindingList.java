package neattrace.app.docket;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * The findings of a station, first things first. Enter gives the usual answer, Delete the second
 * one.
 */
public final class FindingList extends VBox {

    private final Label heading = new Label();
    private final ListView<Finding> list = new ListView<>();
    private final Label hint = new Label("N next · Enter first answer · Delete second answer");

    /**
     * A list.
     *
     * @param thumbnail a small picture of a finding's place; may give null
     * @param whenLookedAt called when a finding is chosen
     */
    public FindingList(Function<Finding, Image> thumbnail, Consumer<Finding> whenLookedAt) {
        getStyleClass().add("findings");
        heading.getStyleClass().add("findings-heading");
        heading.setWrapText(true);
        heading.setMinHeight(USE_PREF_SIZE);
        hint.getStyleClass().add("hint");
        list.setId("findings");
        list.setAccessibleText("Findings");
        list.setCellFactory(view -> new FindingCell(thumbnail));
        list.getSelectionModel()
                .selectedItemProperty()
                .addListener(
                        (property, before, now) -> {
                            if (now != null) {
                                whenLookedAt.accept(now);
                            }
                        });
        list.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().addAll(heading, list, hint);
    }

    /** Shows findings; the same place in the list stays chosen if it was. */
    public void show(List<Finding> findings, String whenNone) {
        int chosen = list.getSelectionModel().getSelectedIndex();
        boolean none = findings.isEmpty();
        heading.setText(
                none
                        ? whenNone
                        : findings.size() == 1 ? "1 finding" : findings.size() + " findings");
        list.getItems().setAll(findings);
        list.setVisible(!none);
        list.setManaged(!none);
        hint.setVisible(!none);
        hint.setManaged(!none);
        if (chosen >= 0 && !none) {
            list.getSelectionModel().select(Math.min(chosen, findings.size() - 1));
        }
    }

    /** Nothing is chosen any more. */
    public void clearChoice() {
        list.getSelectionModel().clearSelection();
    }

    /** The finding that is looked at, or null. */
    public ReadOnlyObjectProperty<Finding> chosenProperty() {
        return list.getSelectionModel().selectedItemProperty();
    }

    /** Goes on to the next finding, or back to the one before. */
    public void step(int by) {
        int count = list.getItems().size();
        if (count == 0) {
            return;
        }
        int chosen = list.getSelectionModel().getSelectedIndex();
        int next = chosen < 0 ? 0 : Math.floorMod(chosen + by, count);
        list.getSelectionModel().select(next);
        list.scrollTo(Math.max(0, next - 1));
        list.requestFocus();
    }

    private void pressed(KeyEvent event) {
        int which =
                event.getCode() == KeyCode.ENTER ? 0 : event.getCode() == KeyCode.DELETE ? 1 : -1;
        Finding chosen = list.getSelectionModel().getSelectedItem();
        if (which >= 0 && chosen != null && which < chosen.answers().size()) {
            chosen.answers().get(which).action().run();
            event.consume();
        }
    }
}
