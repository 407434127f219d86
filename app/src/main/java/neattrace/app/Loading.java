package neattrace.app;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.VBox;
import neattrace.app.work.Workspace;

/** What is being done while there is nothing to see yet, how far it is, and a stop. */
final class Loading extends VBox {

    Loading(Workspace workspace) {
        super(14);
        Label what = new Label();
        what.getStyleClass().add("waiting");
        what.textProperty().bind(workspace.stepProperty().concat(" …"));
        ProgressBar bar = new ProgressBar();
        bar.setPrefWidth(260);
        bar.progressProperty().bind(workspace.progressProperty());
        Button stop = new Button("Stop");
        stop.getStyleClass().setAll("answer");
        stop.setId("stop-loading");
        stop.setOnAction(event -> workspace.cancel());
        setAlignment(Pos.CENTER);
        getStyleClass().add("loading");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        getChildren().addAll(what, bar, stop);
        visibleProperty()
                .bind(
                        workspace
                                .shownProperty()
                                .isNull()
                                .and(workspace.progressProperty().greaterThanOrEqualTo(0)));
    }
}
