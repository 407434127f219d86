package neattrace.app.route;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import neattrace.finding.Findings;

/** The stations as stops on a line. */
public final class RouteBar extends HBox {

    private final Map<String, ToggleButton> stops = new LinkedHashMap<>();
    private final Map<String, Label> states = new LinkedHashMap<>();
    private final BooleanProperty roomy = new SimpleBooleanProperty(true);

    /** A route that calls {@code go} with a stop's key when it is chosen. */
    public RouteBar(List<Stop> route, Consumer<String> go) {
        getStyleClass().add("route");
        setAlignment(Pos.CENTER);
        ToggleGroup group = new ToggleGroup();
        for (Stop stop : route) {
            if (!stops.isEmpty()) {
                Region rail = new Region();
                rail.getStyleClass().add("rail");
                HBox.setHgrow(rail, Priority.SOMETIMES);
                getChildren().add(rail);
            }
            getChildren().add(button(stop, group, go));
        }
    }

    private ToggleButton button(Stop stop, ToggleGroup group, Consumer<String> go) {
        SVGPath mark = new SVGPath();
        mark.setContent(stop.mark());
        mark.getStyleClass().add("mark");
        mark.visibleProperty().bind(roomy);
        mark.managedProperty().bind(roomy);
        Label title = new Label(stop.title());
        title.getStyleClass().add("stop-title");
        Label state = new Label();
        state.getStyleClass().add("stop-state");
        states.put(stop.key(), state);
        HBox content = new HBox(7, mark, new VBox(title, state));
        content.setAlignment(Pos.CENTER_LEFT);
        ToggleButton button = new ToggleButton();
        button.setGraphic(content);
        button.setMinWidth(USE_PREF_SIZE);
        button.setToggleGroup(group);
        button.setId("stop-" + stop.key());
        button.getStyleClass().add("stop");
        button.setAccessibleText(stop.title() + ", key " + stop.code().getName());
        button.setOnAction(
                event -> {
                    button.setSelected(true);
                    go.accept(stop.key());
                });
        stops.put(stop.key(), button);
        return button;
    }

    /** Whether there is room for the stations' marks beside their names. */
    public BooleanProperty roomyProperty() {
        return roomy;
    }

    /** Shows that a station is the one being worked at. */
    public void select(String station) {
        stops.get(station).setSelected(true);
    }

    /** Shows that there is no drawing. */
    public void showNothing() {
        stops.keySet().forEach(station -> show(station, StopState.NOTHING));
    }

    /**
     * Shows what matters about a station.
     *
     * @param touched whether anything was decided there
     */
    public void show(String station, Findings findings, boolean touched) {
        show(station, StopState.of(station, findings, touched));
    }

    private void show(String station, StopState state) {
        states.get(station).setText(state.words());
        ToggleButton stop = stops.get(station);
        for (StopState.Tone tone : StopState.Tone.values()) {
            stop.pseudoClassStateChanged(
                    PseudoClass.getPseudoClass(tone.name().toLowerCase(Locale.ROOT)),
                    tone == state.tone());
        }
        stop.setAccessibleHelp(state.words());
    }
}
