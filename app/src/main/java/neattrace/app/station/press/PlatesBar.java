package neattrace.app.station.press;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import neattrace.app.docket.Buttons;

/** How plates are looked at, each way with its key. */
final class PlatesBar extends FlowPane {

    /** Room for it below what is shown, px. */
    static final double ROOM_PX = 44;

    private final Button traps;
    private final Button total;
    private final Button film;
    private final Button under;

    PlatesBar(PlatesView view) {
        super(4, 2);
        traps = Buttons.keyed("Traps", "V", "see-traps", view::turnTraps);
        total = Buttons.keyed("All ink", "I", "see-total", view::turnTotal);
        film = Buttons.keyed("As film", "O", "see-grey", view::turnFilm);
        under = Buttons.keyed("White paper", "G", "see-ground", view::turnUnder);
        getStyleClass().add("view-bar");
        setAlignment(Pos.CENTER);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        getChildren()
                .addAll(
                        traps,
                        total,
                        film,
                        under,
                        Buttons.keyed("True size", "T", "plates-true-size", view::trueSize),
                        Buttons.keyed("Whole sheet", "W", "plates-whole", view::whole));
        StackPane.setAlignment(this, Pos.BOTTOM_CENTER);
        StackPane.setMargin(this, new Insets(0, 0, 12, 0));
    }

    /** Keeps within a width, px, in several rows if need be. */
    void fit(double width) {
        double all = getInsets().getLeft() + getInsets().getRight();
        for (Node button : getChildren()) {
            all += button.prefWidth(-1) + getHgap();
        }
        setPrefWrapLength(Math.max(60, Math.min(all, width)));
    }

    /** Says what each will do next. */
    void show(PlateSight sight) {
        traps.setText(sight.traps() ? "Without marks" : "Traps");
        total.setText(sight.total() ? "Colours" : "All ink");
        film.setText(sight.film() ? "In its ink" : "As film");
        film.setDisable(sight.shown().size() != 1);
        under.setText(sight.under().words());
    }
}
