package neattrace.app.findings;

import java.util.List;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.image.ImageView;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Severity;

/** One row of the room's list. */
final class RowCell extends ListCell<Row> {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass OPEN = PseudoClass.getPseudoClass("open");

    /** Room for answers side by side. */
    private static final double WRAP = 240;

    private final FindingsRoom room;

    RowCell(FindingsRoom room) {
        this.room = room;
        getStyleClass().add("finding-row");
        setPrefWidth(0);
    }

    @Override
    protected void updateItem(Row row, boolean empty) {
        super.updateItem(row, empty);
        if (empty || row == null) {
            setGraphic(null);
            setAccessibleText(null);
            return;
        }
        setGraphic(graphic(row));
    }

    private Node graphic(Row row) {
        if (row instanceof Row.Head head) {
            return head(head);
        }
        if (row instanceof Row.Tiles tiles) {
            HBox line = new HBox(6);
            tiles.findings().forEach(finding -> line.getChildren().add(tile(finding)));
            line.getStyleClass().add("tiles-row");
            setAccessibleText(words(tiles.findings()));
            return line;
        }
        if (row instanceof Row.Line line) {
            return line(line.finding());
        }
        if (row instanceof Row.ForAll all) {
            return forAll(all);
        }
        return more(((Row.More) row).count());
    }

    private static String words(List<Finding> findings) {
        return String.join("; ", findings.stream().map(Finding::title).toList());
    }

    private Node head(Row.Head head) {
        Severity severity = head.group().kind().severity();
        Region bar = new Region();
        bar.getStyleClass().addAll("severity-bar", severity.key());
        Label title =
                new Label(
                        head.count() == 1
                                ? head.group().findings().get(0).title()
                                : head.group().kind().several(head.count()));
        title.getStyleClass().add("group-title");
        title.setWrapText(true);
        title.setMinHeight(Region.USE_PREF_SIZE);
        Label how = new Label(how(severity));
        how.getStyleClass().addAll("group-severity", severity.key());
        VBox words = new VBox(title, how);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox box = new HBox(10, bar, words);
        box.setAlignment(Pos.CENTER_LEFT);
        box.getStyleClass().add("group-head");
        box.pseudoClassStateChanged(OPEN, head.open());
        box.setId("group-" + head.group().kind().key());
        box.addEventHandler(MouseEvent.MOUSE_CLICKED, event -> room.turn(head.group()));
        setAccessibleText(title.getText() + ", " + how.getText());
        return box;
    }

    /** What a severity means, in words. */
    static String how(Severity severity) {
        return switch (severity) {
            case STOP -> "stops the job";
            case LOOK -> "worth a look";
            case INFO -> "good to know";
        };
    }

    private Node tile(Finding finding) {
        ImageView picture = new ImageView(room.thumbnail(finding));
        picture.setFitWidth(Thumbnails.WIDTH);
        picture.setFitHeight(Thumbnails.HEIGHT);
        StackPane frame = new StackPane(picture);
        frame.getStyleClass().add("thumbnail");
        frame.setMaxWidth(Region.USE_PREF_SIZE);
        Label measure = new Label(finding.measure().map(Marks::words).orElse(""));
        measure.getStyleClass().add("tile-measure");
        VBox tile = new VBox(2, frame, measure);
        tile.setAlignment(Pos.TOP_CENTER);
        tile.getStyleClass().add("finding-tile");
        tile.pseudoClassStateChanged(CHOSEN, finding == room.chosen());
        tile.setAccessibleText(finding.title());
        tile.addEventHandler(MouseEvent.MOUSE_CLICKED, event -> room.choose(finding));
        return tile;
    }

    private Node line(Finding finding) {
        Label title = new Label(finding.title());
        title.getStyleClass().add("finding-line");
        title.setWrapText(true);
        title.setMinHeight(Region.USE_PREF_SIZE);
        title.setMaxWidth(Double.MAX_VALUE);
        title.pseudoClassStateChanged(CHOSEN, finding == room.chosen());
        title.addEventHandler(MouseEvent.MOUSE_CLICKED, event -> room.choose(finding));
        setAccessibleText(finding.title());
        return title;
    }

    private Node forAll(Row.ForAll all) {
        FlowPane answers = new FlowPane(6, 4);
        answers.setPrefWrapLength(WRAP);
        answers.getStyleClass().add("for-all");
        for (int i = 0; i < all.answers().size(); i++) {
            Answer answer = all.answers().get(i);
            Button button =
                    Answers.button(
                            answer.label(),
                            i == 0 ? "A" : i == 1 ? "⇧A" : "",
                            () -> room.answerAll(all.group(), answer));
            button.setId("all-" + answer.key().toLowerCase(Locale.ROOT));
            answers.getChildren().add(button);
        }
        setAccessibleText("For all of them");
        return answers;
    }

    private static Node more(int count) {
        Label more = new Label("and " + count + " more; they come up as these are settled");
        more.getStyleClass().addAll("hint", "for-all");
        more.setWrapText(true);
        return more;
    }

    /** A list asks how tall a cell is without saying how wide it is; wrapped text has to know. */
    @Override
    protected double computePrefHeight(double width) {
        if (!(getGraphic() instanceof Region graphic) || getListView() == null) {
            return super.computePrefHeight(width);
        }
        double room =
                getListView().getWidth()
                        - FindingsRoom.SCROLL_BAR
                        - snappedLeftInset()
                        - snappedRightInset();
        return snappedTopInset() + graphic.prefHeight(Math.max(1, room)) + snappedBottomInset();
    }
}
