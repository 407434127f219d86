package neattrace.app.station.sheet;

import java.util.List;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Parts of the sheet in a list, each of which can be taken away. */
final class ShapeRows extends ScrollPane {

    private static final double ROW = 28;
    private static final int MOST_IN_SIGHT = 4;

    private final VBox rows = new VBox();
    private final IntConsumer whenRemoved;

    ShapeRows(IntConsumer whenRemoved) {
        this.whenRemoved = whenRemoved;
        setContent(rows);
        setFitToWidth(true);
        getStyleClass().add("swatch-scroll");
        show(List.of());
    }

    void show(List<String> names) {
        show(names, names.stream().map(name -> (Node) new Label(name)).toList());
    }

    /**
     * Shows rows that say more than a name.
     *
     * @param names for screen readers
     * @param contents what is seen, one for each name
     */
    void show(List<String> names, List<? extends Node> contents) {
        rows.getChildren().clear();
        for (int i = 0; i < names.size(); i++) {
            int index = i;
            Region push = new Region();
            HBox.setHgrow(push, Priority.ALWAYS);
            Button remove = Desk.button("Remove", "remove-" + i, () -> whenRemoved.accept(index));
            remove.setAccessibleText("Remove: " + names.get(i));
            HBox row = new HBox(8, contents.get(i), push, remove);
            row.setAlignment(Pos.CENTER_LEFT);
            row.setMinHeight(ROW);
            rows.getChildren().add(row);
        }
        double height = ROW * Math.min(MOST_IN_SIGHT, names.size()) + (names.isEmpty() ? 0 : 4);
        setMinHeight(height);
        setPrefHeight(height);
        setMaxHeight(height);
        setVisible(!names.isEmpty());
        setManaged(!names.isEmpty());
    }
}
