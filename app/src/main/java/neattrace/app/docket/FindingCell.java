package neattrace.app.docket;

import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One finding: picture, measure, reason, answers. */
final class FindingCell extends ListCell<Finding> {

    private static final double THUMBNAIL = 64;
    private static final double GAP = 10;

    /** Room for answers without a picture beside them. */
    private static final double WIDE = 270;

    private static final double SCROLL_BAR = 10;

    private final Function<Finding, Image> thumbnail;
    private final ImageView picture = new ImageView();
    private final StackPane frame = new StackPane(picture);
    private final Label title = new Label();
    private final Label reason = new Label();
    private final FlowPane answers = new FlowPane(6, 4);
    private final HBox row;

    FindingCell(Function<Finding, Image> thumbnail) {
        this.thumbnail = thumbnail;
        getStyleClass().add("finding");
        picture.setFitWidth(THUMBNAIL);
        picture.setFitHeight(THUMBNAIL);
        frame.getStyleClass().add("thumbnail");
        title.getStyleClass().add("finding-title");
        title.setWrapText(true);
        reason.getStyleClass().add("finding-reason");
        reason.setWrapText(true);
        // Without this, a list cell shortens wrapped text to one line.
        title.setMinHeight(USE_PREF_SIZE);
        reason.setMinHeight(USE_PREF_SIZE);
        VBox words = new VBox(3, title, reason, answers);
        HBox.setHgrow(words, Priority.ALWAYS);
        row = new HBox(GAP, frame, words);
        row.setAlignment(Pos.TOP_LEFT);
        words.setMinWidth(0);
        // Wrapped text needs to know how wide the list is.
        setPrefWidth(0);
    }

    /** A list asks how tall a cell is without saying how wide it is; wrapped text has to know. */
    @Override
    protected double computePrefHeight(double width) {
        if (getGraphic() == null || getListView() == null) {
            return super.computePrefHeight(width);
        }
        double room =
                getListView().getWidth() - SCROLL_BAR - snappedLeftInset() - snappedRightInset();
        return snappedTopInset() + row.prefHeight(Math.max(1, room)) + snappedBottomInset();
    }

    @Override
    protected void updateItem(Finding finding, boolean empty) {
        super.updateItem(finding, empty);
        if (empty || finding == null) {
            setGraphic(null);
            setAccessibleText(null);
            return;
        }
        Image image = finding.place() == null ? null : thumbnail.apply(finding);
        picture.setImage(image);
        frame.setVisible(image != null);
        frame.setManaged(image != null);
        // A list asks its cells how tall they are without saying how wide it is.
        answers.setPrefWrapLength(image == null ? WIDE : WIDE - THUMBNAIL - GAP);
        title.setText(finding.title());
        reason.setText(finding.reason());
        answers.getChildren().clear();
        for (Finding.Answer answer : finding.answers()) {
            Button button = new Button(answer.label());
            button.getStyleClass().setAll("answer");
            button.setFocusTraversable(false);
            button.setOnAction(event -> answer.action().run());
            answers.getChildren().add(button);
        }
        setAccessibleText(finding.title() + ". " + finding.reason());
        setGraphic(row);
    }
}
