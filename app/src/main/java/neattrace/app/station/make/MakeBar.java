package neattrace.app.station.make;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import neattrace.app.docket.Buttons;

/** Ways of looking at finished things, at their lower edge, each with its key. */
final class MakeBar extends HBox {

    private final Button bleed;

    /** A bar. */
    MakeBar(Runnable turnBleed, Runnable turnTrueSize, Runnable turnWall) {
        super(4);
        getStyleClass().add("view-bar");
        setAlignment(Pos.CENTER);
        setMaxHeight(USE_PREF_SIZE);
        setMaxWidth(USE_PREF_SIZE);
        StackPane.setAlignment(this, Pos.BOTTOM_CENTER);
        StackPane.setMargin(this, new Insets(0, 0, 12, 0));
        bleed = Buttons.keyed("With its bleed", "X", "show-bleed", turnBleed);
        Button size = Buttons.keyed("True size", "T", "make-true-size", turnTrueSize);
        Button wall = Buttons.keyed("All goods side by side", "Y", "all-goods", turnWall);
        getChildren().addAll(bleed, size, wall);
    }

    /** Says what is seen. */
    void setBleedSeen(boolean seen) {
        bleed.setText(seen ? "With its bleed" : "As it is cut out");
        bleed.setAccessibleText(bleed.getText() + ", key X");
    }

    /** Keeps room for itself below what is shown, px. */
    static double roomPx() {
        return 48;
    }
}
