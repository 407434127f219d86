package neattrace.app;

import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What is set at a station, at the left. */
final class Docket extends VBox {

    private static final double WIDTH = 304;

    private final Label title = new Label();
    private final Label purpose = new Label();
    private final VBox content = new VBox();

    Docket() {
        super(12);
        getStyleClass().add("docket");
        setPrefWidth(WIDTH);
        setMinWidth(WIDTH);
        setMaxWidth(WIDTH);
        title.getStyleClass().add("docket-title");
        purpose.getStyleClass().add("docket-purpose");
        purpose.setWrapText(true);
        Label nothing = new Label("Nothing on the table yet.");
        nothing.visibleProperty().bind(content.visibleProperty().not());
        nothing.managedProperty().bind(nothing.visibleProperty());
        nothing.getStyleClass().add("hint");
        getChildren().addAll(new VBox(2, title, purpose), scroll(), nothing);
    }

    /** All is in sight in a window of the usual size; in a small one it scrolls. */
    private ScrollPane scroll() {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("docket-scroll");
        // It would take the focus from what is pressed within.
        content.addEventHandler(MouseEvent.MOUSE_PRESSED, Event::consume);
        scroll.visibleProperty().bind(content.visibleProperty());
        scroll.managedProperty().bind(scroll.visibleProperty());
        VBox.setVgrow(scroll, Priority.ALWAYS);
        return scroll;
    }

    /** Shows a station. */
    void show(String station, String what, Node settings) {
        title.setText(station);
        purpose.setText(what);
        content.getChildren().setAll(settings);
    }

    /** Shows what is set only once there is a drawing. */
    void setThere(boolean there) {
        content.setVisible(there);
        content.setManaged(there);
    }
}
