package neattrace.app.route;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
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

/** The stations as stops on a line. */
public final class RouteBar extends HBox {

    private static final PseudoClass FINDINGS = PseudoClass.getPseudoClass("findings");
    private static final PseudoClass SETTLED = PseudoClass.getPseudoClass("settled");

    private final Map<Station, ToggleButton> stops = new EnumMap<>(Station.class);
    private final Map<Station, Label> states = new EnumMap<>(Station.class);
    private final BooleanProperty roomy = new SimpleBooleanProperty(true);
    private final Set<Station> visited = EnumSet.noneOf(Station.class);

    /** A route that calls {@code go} when a stop is chosen. */
    public RouteBar(Consumer<Station> go) {
        getStyleClass().add("route");
        setAlignment(Pos.CENTER);
        ToggleGroup group = new ToggleGroup();
        for (Station station : Station.values()) {
            if (station.ordinal() > 0) {
                Region rail = new Region();
                rail.getStyleClass().add("rail");
                HBox.setHgrow(rail, Priority.SOMETIMES);
                getChildren().add(rail);
            }
            getChildren().add(stop(station, group, go));
        }
    }

    private ToggleButton stop(Station station, ToggleGroup group, Consumer<Station> go) {
        SVGPath mark = new SVGPath();
        mark.setContent(station.mark());
        mark.getStyleClass().add("mark");
        mark.visibleProperty().bind(roomy);
        mark.managedProperty().bind(roomy);
        Label title = new Label(station.title());
        title.getStyleClass().add("stop-title");
        Label state = new Label("untouched");
        state.getStyleClass().add("stop-state");
        states.put(station, state);
        VBox words = new VBox(title, state);
        HBox content = new HBox(8, mark, words);
        content.setAlignment(Pos.CENTER_LEFT);
        ToggleButton stop = new ToggleButton();
        stop.setGraphic(content);
        stop.setMinWidth(USE_PREF_SIZE);
        stop.setToggleGroup(group);
        stop.setId("stop-" + station.name().toLowerCase(java.util.Locale.ROOT));
        stop.getStyleClass().add("stop");
        stop.setAccessibleText(station.title() + ", key " + station.key().getName());
        stop.setOnAction(
                event -> {
                    stop.setSelected(true);
                    go.accept(station);
                });
        stops.put(station, stop);
        return stop;
    }

    /** Whether there is room for the stations' marks beside their names. */
    public BooleanProperty roomyProperty() {
        return roomy;
    }

    /** Shows that a station is the one being worked at. */
    public void select(Station station) {
        stops.get(station).setSelected(true);
        visited.add(station);
    }

    /** Forgets where one has been, for a new job. */
    public void reset() {
        visited.clear();
    }

    /**
     * Shows how many findings a station has.
     *
     * @param open whether there is a drawing at all; without one nothing is settled
     */
    public void setFindings(Station station, int count, boolean open) {
        boolean settled = open && count == 0 && visited.contains(station);
        String text =
                count == 1
                        ? "1 finding"
                        : count > 1 ? count + " findings" : settled ? "settled" : "untouched";
        states.get(station).setText(text);
        ToggleButton stop = stops.get(station);
        stop.pseudoClassStateChanged(FINDINGS, count > 0);
        stop.pseudoClassStateChanged(SETTLED, settled);
        stop.setAccessibleHelp(text);
    }
}
