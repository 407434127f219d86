package neattrace.app.station.press;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import neattrace.app.docket.Buttons;
import neattrace.app.station.press.PlateSight.Marks;

/** How plates are looked at, each way with its key. */
final class PlatesBar extends FlowPane {

    /** It stands so far from the view's lower edge, px. */
    private static final double ASIDE_PX = 12;

    private final Button traps;
    private final Button beneath;
    private final Button total;
    private final Button film;
    private final Button under;

    PlatesBar(PlatesView view) {
        super(4, 2);
        traps = Buttons.keyed("Traps", "V", "see-traps", view::turnTraps);
        beneath = Buttons.keyed("Under black", "U", "see-beneath", view::turnBeneath);
        total = Buttons.keyed("All ink", "I", "see-total", view::turnTotal);
        film = Buttons.keyed("As film", "O", "see-grey", view::turnFilm);
        under = Buttons.keyed("White paper", "G", "see-ground", view::turnUnder);
        getStyleClass().add("view-bar");
        setAlignment(Pos.CENTER);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        getChildren()
                .addAll(
                        traps,
                        beneath,
                        total,
                        film,
                        under,
                        Buttons.keyed("True size", "T", "plates-true-size", view::trueSize),
                        Buttons.keyed("Whole", "W", "plates-whole", view::whole));
        StackPane.setAlignment(this, Pos.BOTTOM_CENTER);
        StackPane.setMargin(this, new Insets(0, 0, ASIDE_PX, 0));
    }

    /** Keeps within a width, px, in several rows if need be. */
    void fit(double width) {
        double all = getInsets().getLeft() + getInsets().getRight();
        for (Node button : getChildren()) {
            all += button.prefWidth(-1) + getHgap();
        }
        setPrefWrapLength(Math.max(60, Math.min(all, width)));
    }

    /** Room for it below what is shown, px: it may have several rows. */
    double room() {
        return prefHeight(getPrefWrapLength()) + ASIDE_PX;
    }

    /** Says what each will do next. */
    void show(PlateSight sight) {
        traps.setText(sight.marks() == Marks.TRAPS ? "No marks" : "Traps");
        beneath.setText(sight.marks() == Marks.BENEATH ? "No marks" : "Under black");
        total.setText(sight.total() ? "Colours" : "All ink");
        film.setText(sight.film() ? "In its ink" : "As film");
        film.setDisable(sight.shown().size() != 1);
        under.setText(sight.under().words());
    }
}
