package neattrace.app.docket;

import java.util.List;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neattrace.app.work.Shown;

/** Steps as tiles, and below them what is set in the open one. */
public final class StepPane extends VBox {

    private final List<Step> steps;
    private final Supplier<Shown> shown;
    private final StepTiles tiles;
    private final StackPane open = new StackPane();
    private final ReadOnlyObjectWrapper<Step> chosen = new ReadOnlyObjectWrapper<>();

    /**
     * A pane with its first step open.
     *
     * @param numbered whether number keys open steps
     * @param shown what is on the table; gives null for nothing
     */
    public StepPane(List<? extends Step> steps, boolean numbered, Supplier<Shown> shown) {
        super(8);
        this.steps = List.copyOf(steps);
        this.shown = shown;
        tiles = new StepTiles(this.steps, numbered, this::choose);
        open.getStyleClass().add("open-step");
        getChildren().addAll(tiles, open);
        choose(this.steps.get(0));
    }

    private void choose(Step next) {
        chosen.set(next);
        tiles.choose(next);
        open.getChildren().setAll(next.content());
        showChosen();
    }

    /** The step that is open. */
    public ReadOnlyObjectProperty<Step> openProperty() {
        return chosen.getReadOnlyProperty();
    }

    /** Opens the step of a number from 1; false if there is none. */
    public boolean openStep(int number) {
        if (number < 1 || number > steps.size()) {
            return false;
        }
        choose(steps.get(number - 1));
        return true;
    }

    /** Shows the values of a new drawing. */
    public void show(Shown now) {
        tiles.show(now);
        chosen.get().show(now);
    }

    /** Shows the open step's values again. */
    public void showChosen() {
        if (shown.get() != null) {
            chosen.get().show(shown.get());
        }
    }
}
