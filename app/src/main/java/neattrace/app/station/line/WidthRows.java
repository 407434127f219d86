package neattrace.app.station.line;

import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;
import javafx.scene.shape.StrokeLineCap;
import neattrace.geom.Point;
import neattrace.job.pipeline.LineStudy;
import neattrace.trace.review.WidthTable;

/** The thinnest, the usual and the boldest line, each drawn as bold as it is beside the others. */
final class WidthRows extends HBox {

    /** The boldest line is drawn at most this broad, px. */
    private static final double BROADEST = 11;

    private static final double LENGTH = 60;
    private static final double HEIGHT = 18;

    private final LineDesk desk;

    WidthRows(LineDesk desk) {
        super(4);
        this.desk = desk;
        setId("width-rows");
        setMinHeight(USE_PREF_SIZE);
    }

    /**
     * Shows a study.
     *
     * @param failure why there is none; empty if it is being made
     */
    void show(LineStudy study, String failure) {
        getChildren().clear();
        if (study == null || study.widths().isEmpty()) {
            String why =
                    failure.isEmpty()
                            ? "Finding the lines …"
                            : "The lines could not be found. " + failure;
            Label words = new Label(study == null ? why : "No lines.");
            words.setWrapText(true);
            words.getStyleClass().add("hint");
            words.setMinHeight(HEIGHT + 40);
            getChildren().add(words);
            return;
        }
        WidthTable table = study.widths().get();
        double perMm = Math.min(7, BROADEST / table.boldestMm());
        getChildren()
                .addAll(
                        cell("Thinnest", table.thinnestMm(), perMm, table.thinnestAt()),
                        cell("Usual", table.usualMm(), perMm, null),
                        cell("Boldest", table.boldestMm(), perMm, table.boldestAt()));
    }

    private Node cell(String name, double mm, double perMm, Point at) {
        Line sample = new Line(0, 0, LENGTH, 0);
        sample.setStrokeWidth(Math.max(0.7, mm * perMm));
        sample.setStrokeLineCap(StrokeLineCap.ROUND);
        sample.getStyleClass().add("line-sample");
        StackPane drawn = new StackPane(sample);
        drawn.setAlignment(Pos.CENTER_LEFT);
        drawn.setMinHeight(HEIGHT);
        Label title = new Label(name);
        title.getStyleClass().add("tile-state");
        Label value = new Label(LinePanel.mm(mm));
        value.getStyleClass().add("width-value");
        VBox words = new VBox(1, drawn, value, title);
        words.getStyleClass().add("width-cell");
        Button cell = new Button();
        cell.setGraphic(words);
        cell.getStyleClass().setAll("tile");
        cell.setId("width-" + name.toLowerCase(Locale.ROOT));
        cell.setMaxWidth(Double.MAX_VALUE);
        cell.setPrefWidth(1);
        HBox.setHgrow(cell, Priority.ALWAYS);
        cell.setAccessibleText(name + " line, " + value.getText());
        // The usual width is everywhere; the whole page shows it.
        cell.setOnAction(event -> desk.showWidth(at));
        return cell;
    }
}
