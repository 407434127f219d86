package neattrace.app;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neattrace.app.station.StationPanel;

/** Every key on one card, over the table. */
final class KeyCard extends VBox {

    private static final String[][] LOOKING = {
        {"W", "whole page"},
        {"T", "true size"},
        {"+", "closer"},
        {"-", "farther"},
        {"Arrows", "move the cross by 1 mm; Shift by 1 px, Ctrl by 10 mm"},
        {"O", "turn over: left is right"},
        {"V", "lines and colours, lines, colours, scan"},
        {"I", "the scan and back"},
        {"U", "lens on the scan"},
        {"G", "grey ground"},
        {"D", "dark or light window"}
    };

    private static final String[][] WORKING = {
        {"N", "next finding; with Shift the one before"},
        {"Enter", "its first answer"},
        {"Delete", "its second answer; takes the point in hand away, at Line"},
        {"A", "the first answer for its whole kind; with Shift the second"},
        {"J", "takes the drawing as far as it goes, at Brief"},
        {"Left, Right", "the goods before and after, at Brief"},
        {"E", "folds the findings to an edge and back"},
        {"X, Y", "bleed and cut out; all goods side by side, at Make"},
        {". and ,", "along the cut, or from part to part; arrows pull, or move it, at Make"},
        {"Page keys", "turn what is in hand, at Make; with Shift a little"},
        {"Ins, X, + −", "another, mirrored, larger or smaller: goods in hand, at Make"},
        {"R, K", "arrange the sheet anew; pin the sticker in hand"},
        {"1 to 9", "open a step; take a swatch, at Flats; one plate alone, at Press"},
        {"0", "bare paper in hand, at Flats; all plates, at Press"},
        {"V, U, I, O, G", "traps, under black, all ink, film, what lies beneath, at Press"},
        {"R, X", "turn the scan right, with Shift left; mirror it, at Sheet"},
        {"Space", "click at the cross; press and let go what is in hand"},
        {"Enter, Insert", "finish with what is in hand; a new point"},
        {"Ctrl Z", "undo"},
        {"Ctrl Y", "redo"},
        {"Ctrl O", "open"},
        {"Ctrl S", "save the job"},
        {"Esc", "lay down what is in hand; stop running work"}
    };

    KeyCard(List<StationPanel> stations) {
        super(12);
        setId("key-card");
        getStyleClass().add("key-card");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        Label title = new Label("Keys");
        title.getStyleClass().add("docket-title");
        GridPane stops = gridPane();
        int row = 0;
        for (StationPanel station : stations) {
            put(stops, row++, station.stop().code().getName(), station.stop().title());
        }
        HBox columns =
                new HBox(
                        36,
                        new VBox(8, heading("Stops"), stops),
                        new VBox(8, heading("Looking"), grid(LOOKING)),
                        new VBox(8, heading("Working"), grid(WORKING)));
        Label hint = new Label("F1 shows and hides this card; Esc puts it away.");
        hint.getStyleClass().add("hint");
        getChildren().addAll(title, columns, hint);
        setVisible(false);
    }

    private static GridPane gridPane() {
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(6);
        return grid;
    }

    private static Label heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("findings-heading");
        return label;
    }

    private static GridPane grid(String[][] keys) {
        GridPane grid = gridPane();
        for (int row = 0; row < keys.length; row++) {
            put(grid, row, keys[row][0], keys[row][1]);
        }
        return grid;
    }

    private static void put(GridPane grid, int row, String key, String what) {
        Label cap = new Label(key);
        cap.getStyleClass().add("keycap");
        HBox capBox = new HBox(cap);
        capBox.setAlignment(Pos.CENTER_RIGHT);
        grid.addRow(row, capBox, new Label(what));
    }

    /** Shows the card, or hides it. */
    void toggle() {
        setVisible(!isVisible());
    }
}
