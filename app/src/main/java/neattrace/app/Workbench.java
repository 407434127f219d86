package neattrace.app;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import neattrace.app.docket.RefusedEvent;
import neattrace.app.findings.FindingsRoom;
import neattrace.app.foot.FootBar;
import neattrace.app.route.RouteBar;
import neattrace.app.station.Bench;
import neattrace.app.station.StationPanel;
import neattrace.app.station.make.MakePanel;
import neattrace.app.table.Table;
import neattrace.app.work.Insights;
import neattrace.app.work.Looked;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.finding.Answer;
import neattrace.gang.GangFile;

/** The whole window: route above; docket, table and findings side by side; foot below. */
final class Workbench extends BorderPane {

    /** Time at a station is noted when it is left, if it was so much. */
    private static final int WORTH_NOTING_SECONDS = 30;

    /** No more time than this is lost if the program ends without warning. */
    private static final int SAFE_SECONDS = 300;

    private final Workspace workspace;
    private final Table table = new Table();
    private final Map<String, StationPanel> panels = new LinkedHashMap<>();
    private final RouteBar route;
    private final FindingsDesk findings;
    private final Docket docket = new Docket();
    private final StackPane middle = new StackPane();
    private final PromptBar prompt = new PromptBar();
    private final KeyCard keys;
    private final OpenAndSave files;
    private StationPanel station;

    /** The field that was typed in last; null once one has gone on from it. */
    private TextInputControl ended;

    /**
     * A window.
     *
     * @param stations makes the stations, in the order of the route, for a bench
     */
    Workbench(Workspace workspace, Function<Bench, List<StationPanel>> stations) {
        this.workspace = workspace;
        files = new OpenAndSave(workspace, prompt, () -> getScene().getWindow(), this::openSheet);
        for (StationPanel panel :
                stations.apply(
                        new Bench(workspace, table, this::go, () -> showFindings(), prompt::ask))) {
            panels.put(panel.stop().key(), panel);
        }
        route = new RouteBar(all().stream().map(StationPanel::stop).toList(), this::go);
        findings = new FindingsDesk(workspace, table, route, all(), this::go);
        keys = new KeyCard(all());
        getStyleClass().add("workbench");
        // However small the window is, its edges are in it.
        setMinSize(0, 0);
        setTop(new HeadBar(workspace, route, this));
        setLeft(docket);
        setCenter(middle());
        setRight(findings.room());
        setBottom(new FootBar(workspace, table));
        keys.setManaged(false);
        getChildren().add(keys);
        listen();
        // Without a drawing there is nothing to brief; the first thing done is to read a sheet.
        go(all().get(1).stop().key());
    }

    private void listen() {
        table.shownProperty().bind(workspace.shownProperty());
        table.setWhenClicked(place -> station.clicked(workspace.shownProperty().get(), place));
        workspace.shownProperty().addListener((property, before, now) -> shown(now));
        Insights insights = workspace.insights();
        insights.lookedProperty().addListener(property -> showFindings());
        insights.lookFailureProperty().addListener(property -> showFindings());
        insights.reviewFailureProperty().addListener(property -> showFindings());
        insights.reviewProperty().addListener(property -> showStation());
        insights.studyFailureProperty().addListener(property -> showStation());
        insights.studyProperty()
                .addListener(
                        (property, before, now) -> {
                            table.setStudy(now);
                            showStation();
                        });
        workspace.earlyProperty().addListener((property, before, now) -> table.setEarly(now));
        workspace.troubleProperty().addListener((property, before, text) -> prompt.tell(text));
        workspace.progressProperty().addListener(property -> showRoom());
        workspace
                .sheetDesk()
                .inHandProperty()
                .addListener(
                        property -> {
                            showRoom();
                            showFindings();
                        });
    }

    private List<StationPanel> all() {
        return List.copyOf(panels.values());
    }

    private BorderPane middle() {
        Welcome welcome =
                new Welcome(
                        workspace.recent().filesProperty(),
                        files::choose,
                        files::open,
                        files::openDemo,
                        files::openDemoSheet);
        ViewBar views = new ViewBar(table);
        views.visibleProperty().bind(workspace.shownProperty().isNotNull());
        welcome.visibleProperty()
                .bind(
                        workspace
                                .shownProperty()
                                .isNull()
                                .and(workspace.progressProperty().lessThan(0))
                                .and(workspace.sheetDesk().inHandProperty().not()));
        StackPane.setAlignment(views, Pos.BOTTOM_CENTER);
        StackPane.setMargin(views, new Insets(0, 0, 12, 0));
        middle.getStyleClass().add("middle");
        middle.getChildren().addAll(table, welcome, new Loading(workspace), views);
        panels.values().stream()
                .flatMap(panel -> panel.overTable().stream())
                .forEach(middle.getChildren()::add);
        middle.setMinSize(0, 0);
        FileDrop.on(middle, this::drop);
        // A question takes its own room: what it asks about stays in sight.
        BorderPane room = new BorderPane(middle);
        room.setTop(prompt);
        room.setMinSize(0, 0);
        return room;
    }

    /** Opens the first; on a sheet of stickers drawings are put, all that were dropped. */
    private void drop(List<Path> dropped) {
        boolean sheet =
                workspace.sheetDesk().inHandProperty().get()
                        && dropped.stream()
                                .noneMatch(file -> file.toString().endsWith(GangFile.ENDING));
        if (sheet) {
            station(MakePanel.class).addToSheet(dropped);
        } else {
            files.open(dropped.get(0));
        }
    }

    /** The drawing's view, for tests. */
    Table table() {
        return table;
    }

    /** The findings' room, for keys and tests. */
    FindingsRoom findings() {
        return findings.room();
    }

    /** The station of a kind, for tests. */
    <T extends StationPanel> T station(Class<T> kind) {
        return all().stream().filter(kind::isInstance).map(kind::cast).findFirst().orElseThrow();
    }

    /** The station one is at. */
    StationPanel station() {
        return station;
    }

    /** The station that a key goes to, if there is one. */
    Optional<StationPanel> stationAt(KeyCode code) {
        return all().stream().filter(panel -> panel.stop().code() == code).findFirst();
    }

    /** Goes to a station. */
    void go(String key) {
        StationPanel next = panels.get(key);
        table.take(null);
        table.setSketch(null);
        if (station != null) {
            station.putAway();
            station.left();
            if (station != next) {
                // What was in hand or asked about there is laid down with the station.
                workspace.say("");
            }
        }
        workspace.clock().at(key);
        workspace.noteWork(WORTH_NOTING_SECONDS);
        station = next;
        route.select(key);
        docket.show(next.stop().title(), next.purpose(), next.content());
        findings.room().clearChoice();
        table.modeProperty().set(next.usualMode());
        next.entered();
        showRoom();
        if (workspace.shownProperty().get() != null) {
            next.show(workspace.shownProperty().get());
        }
        showFindings();
    }

    /** What is set at a station is there as soon as there is a drawing. */
    private void showRoom() {
        docket.setThere(workspace.shownProperty().get() != null || station.standsAlone());
    }

    private void shown(Shown now) {
        showRoom();
        if (now != null) {
            panels.values().forEach(panel -> panel.show(now));
        }
        showFindings();
    }

    private void showStation() {
        if (workspace.shownProperty().get() != null) {
            station.show(workspace.shownProperty().get());
        }
        showFindings();
    }

    private void showFindings() {
        findings.show(station);
    }

    /** Does what an answer to a finding says; whether it changed something. */
    boolean give(Answer answer, Looked about) {
        return findings.give(answer, about);
    }

    /** Opening, saving and closing. */
    OpenAndSave files() {
        return files;
    }

    /** Answers to the keyboard of a scene. */
    void listenTo(Scene scene) {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, new Keyboard(this, workspace, table));
        scene.addEventFilter(InputEvent.ANY, event -> moved());
        scene.addEventFilter(MouseEvent.MOUSE_PRESSED, this::pressedBeside);
        addEventHandler(RefusedEvent.REFUSED, event -> workspace.say(event.why()));
    }

    /** A click beside a field ends typing, as one on anything else that takes keys does. */
    private void pressedBeside(MouseEvent event) {
        Node focused = getScene().getFocusOwner();
        if (focused instanceof TextInputControl field && !isIn(event.getTarget(), field)) {
            fieldEnded(field);
        }
    }

    private static boolean isIn(Object target, Node field) {
        Node node = target instanceof Node start ? start : null;
        while (node != null && node != field) {
            node = node.getParent();
        }
        return node == field;
    }

    /**
     * Typing is over once the field has dealt with its key, or what was clicked with the click: the
     * next key is for the table, unless something else has taken the keys meanwhile.
     */
    void fieldEnded(TextInputControl field) {
        Platform.runLater(
                () -> {
                    boolean still = getScene() != null && getScene().getFocusOwner() == field;
                    if (still) {
                        ended = field;
                        table.requestFocus();
                    }
                });
    }

    /** Ends typing at once. */
    void layDownField() {
        if (getScene().getFocusOwner() instanceof TextInputControl field) {
            ended = field;
            table.requestFocus();
        }
    }

    /** Goes on from the field that was typed in last, for whoever walks on by keys. */
    boolean backToField(KeyEvent event) {
        TextInputControl field = ended;
        ended = null;
        boolean there =
                field != null
                        && field.getScene() == getScene()
                        && table.isFocused()
                        && !field.isDisabled();
        if (there) {
            field.requestFocus();
            field.fireEvent(event.copyFor(field, field));
        }
        return there;
    }

    /** Work goes on; now and then its time is noted, so that a crash takes little of it. */
    private void moved() {
        workspace.clock().moved();
        if (workspace.progressProperty().get() < 0) {
            workspace.noteWork(SAFE_SECONDS);
        }
    }

    /** The card of keys lies over all rooms. */
    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        keys.autosize();
        keys.relocate(
                Math.max(0, Math.rint((getWidth() - keys.getWidth()) / 2)),
                Math.max(0, Math.rint((getHeight() - keys.getHeight()) / 2)));
    }

    /** Takes the last change back, of the sheet or of the drawing, whichever one works on. */
    void undo() {
        if (workspace.sheetDesk().inHandProperty().get()) {
            workspace.sheetDesk().undo();
        } else {
            workspace.undo();
        }
    }

    /** Does again what was undone last, of the same. */
    void redo() {
        if (workspace.sheetDesk().inHandProperty().get()) {
            workspace.sheetDesk().redo();
        } else {
            workspace.redo();
        }
    }

    /** Opens a sheet of stickers at Make. */
    void openSheet(Path file) {
        if (workspace.sheetDesk().open(file)) {
            workspace.remember(file);
            go("make");
            station(MakePanel.class).openSheets();
        }
    }

    /** Shows or hides the card of keys. */
    void toggleKeys() {
        keys.toggle();
    }

    /** Puts the card of keys away; false if it was not there. */
    boolean putKeysAway() {
        boolean there = keys.isVisible();
        if (there) {
            keys.toggle();
        }
        return there;
    }

    void close() {
        table.close();
    }
}
