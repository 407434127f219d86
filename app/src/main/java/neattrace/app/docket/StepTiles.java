package neattrace.app.docket;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import neattrace.app.work.Shown;

/** The steps in their order, three in a row, each with what it is set to. */
public final class StepTiles extends GridPane {

    private static final int COLUMNS = 3;
    private static final PseudoClass PLAIN = PseudoClass.getPseudoClass("plain");
    private static final PseudoClass OFF = PseudoClass.getPseudoClass("off");

    private final List<? extends Step> steps;
    private final List<ToggleButton> tiles = new ArrayList<>();
    private final List<Label> states = new ArrayList<>();

    /** Tiles for steps that number keys open; a pressed one is told. */
    public <S extends Step> StepTiles(List<S> steps, Consumer<S> whenChosen) {
        this(steps, true, whenChosen);
    }

    /**
     * Tiles for steps; a pressed one is told.
     *
     * @param numbered whether number keys open them
     */
    public <S extends Step> StepTiles(List<S> steps, boolean numbered, Consumer<S> whenChosen) {
        this.steps = steps;
        setHgap(4);
        setVgap(4);
        // Four lie better two by two than one of them alone.
        int columns = steps.size() == 4 ? 2 : COLUMNS;
        for (int column = 0; column < columns; column++) {
            ColumnConstraints even = new ColumnConstraints();
            even.setPercentWidth(100.0 / columns);
            even.setFillWidth(true);
            getColumnConstraints().add(even);
        }
        ToggleGroup group = new ToggleGroup();
        for (int i = 0; i < steps.size(); i++) {
            S step = steps.get(i);
            Label number = new Label(String.valueOf(i + 1));
            number.getStyleClass().add("tile-number");
            Label title = new Label(step.title());
            title.getStyleClass().add("tile-title");
            title.setGraphic(numbered ? number : null);
            title.pseudoClassStateChanged(PLAIN, !numbered);
            Label state = new Label();
            state.getStyleClass().add("tile-state");
            state.pseudoClassStateChanged(PLAIN, !numbered);
            states.add(state);
            ToggleButton tile = new ToggleButton();
            tile.setGraphic(new VBox(title, state));
            tile.getStyleClass().setAll("tile");
            tile.setId("step-" + step.title().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-"));
            tile.setMaxWidth(Double.MAX_VALUE);
            tile.setMinWidth(0);
            tile.setToggleGroup(group);
            tile.setOnAction(
                    event -> {
                        tile.setSelected(true);
                        whenChosen.accept(step);
                    });
            tiles.add(tile);
            add(tile, i % columns, i / columns);
        }
    }

    /** The number that a key stands for. */
    public static Optional<Integer> number(KeyEvent event) {
        return event.getCode().isDigitKey()
                ? Optional.of(event.getCode().getChar().charAt(0) - '0')
                : Optional.empty();
    }

    /** Shows which step is open. */
    public void choose(Step step) {
        tiles.get(steps.indexOf(step)).setSelected(true);
    }

    /** Shows what the steps of a new drawing are set to. */
    public void show(Shown shown) {
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            boolean on = step.isOn(shown);
            String state = on ? step.state(shown) : "switched off";
            states.get(i).setText(state);
            tiles.get(i).pseudoClassStateChanged(OFF, !on);
            tiles.get(i).setAccessibleText(step.title() + ", " + state);
        }
    }
}
