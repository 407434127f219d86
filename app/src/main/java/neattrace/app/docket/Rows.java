package neattrace.app.docket;

import java.util.List;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Things in a list, each of which can be taken away. */
public final class Rows extends ScrollPane {

    private static final double ONE_LINE = 28;
    private static final double TWO_LINES = 40;
    private static final int MOST_IN_SIGHT = 4;

    /** Crowded lines are told in a docket that has the room. */
    private static final int MOST_CROWDED = 7;

    private final VBox rows = new VBox();
    private final IntConsumer whenRemoved;
    private final double height;
    private final String remove;
    private final int inSight;

    /** Rows; {@code whenRemoved} is called with the number of one to take away. */
    public Rows(IntConsumer whenRemoved) {
        this(whenRemoved, ONE_LINE);
    }

    /** The same with two lines in each row. */
    public static Rows ofTwoLines(IntConsumer whenRemoved) {
        return new Rows(whenRemoved, TWO_LINES);
    }

    /** The same with less room for the words that take one away. */
    public static Rows ofCrowdedLines(IntConsumer whenRemoved) {
        return new Rows(whenRemoved, ONE_LINE, "×", MOST_CROWDED);
    }

    private Rows(IntConsumer whenRemoved, double height) {
        this(whenRemoved, height, "Remove", MOST_IN_SIGHT);
    }

    private Rows(IntConsumer whenRemoved, double height, String remove, int inSight) {
        this.whenRemoved = whenRemoved;
        this.height = height;
        this.remove = remove;
        this.inSight = inSight;
        setContent(rows);
        setFitToWidth(true);
        getStyleClass().add("swatch-scroll");
        show(List.of());
    }

    /** Shows rows of a name each. */
    public void show(List<String> names) {
        show(names, names.stream().map(name -> (Node) new Label(name)).toList());
    }

    /**
     * Shows rows that say more than a name.
     *
     * @param names for screen readers
     * @param contents what is seen, one for each name
     */
    public void show(List<String> names, List<? extends Node> contents) {
        rows.getChildren().clear();
        for (int i = 0; i < names.size(); i++) {
            int index = i;
            Region push = new Region();
            HBox.setHgrow(push, Priority.ALWAYS);
            Button away = Buttons.small(remove, "remove-" + i, () -> whenRemoved.accept(index));
            away.setAccessibleText("Remove: " + names.get(i));
            away.setTooltip(new Tooltip("Remove: " + names.get(i)));
            HBox row = new HBox(8, contents.get(i), push, away);
            row.setAlignment(Pos.CENTER_LEFT);
            row.setMinHeight(height);
            rows.getChildren().add(row);
        }
        double all = height * Math.min(inSight, names.size()) + (names.isEmpty() ? 0 : 4);
        setMinHeight(all);
        setPrefHeight(all);
        setMaxHeight(all);
        setVisible(!names.isEmpty());
        setManaged(!names.isEmpty());
    }
}
