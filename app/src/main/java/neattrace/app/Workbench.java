package neattrace.app;

import java.io.File;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Finding;
import neattrace.app.docket.FindingList;
import neattrace.app.docket.Thumbnails;
import neattrace.app.foot.FootBar;
import neattrace.app.route.RouteBar;
import neattrace.app.route.Station;
import neattrace.app.station.Panel;
import neattrace.app.station.close.ClosePanel;
import neattrace.app.station.flats.FlatsPanel;
import neattrace.app.station.handover.HandOverPanel;
import neattrace.app.station.line.LinePanel;
import neattrace.app.station.press.PressPanel;
import neattrace.app.station.sheet.SheetPanel;
import neattrace.app.table.LineLook;
import neattrace.app.table.Mark;
import neattrace.app.table.Table;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;

/** The whole window: route above, docket and table side by side, foot below. */
final class Workbench extends BorderPane {

    private static final double DOCKET_WIDTH = 328;

    private final Workspace workspace;
    private final Table table = new Table();
    private final RouteBar route = new RouteBar(this::go);
    private final Map<Station, Panel> panels = new EnumMap<>(Station.class);
    private final SheetPanel sheet;
    private final LinePanel line;
    private final ClosePanel close;
    private final FlatsPanel flats;
    private final HandOverPanel handOver;
    private final FindingList findings;
    private final Label title = new Label();
    private final Label purpose = new Label();
    private final VBox content = new VBox();
    private final StackPane middle = new StackPane();
    private final PromptBar prompt = new PromptBar();
    private final KeyCard keys = new KeyCard();
    private final OpenAndSave files;
    private Welcome welcome;
    private Station station = Station.SHEET;

    Workbench(Workspace workspace) {
        this.workspace = workspace;
        files = new OpenAndSave(workspace, prompt, () -> getScene().getWindow());
        sheet = new SheetPanel(workspace, table);
        line = new LinePanel(workspace, table);
        close =
                new ClosePanel(
                        workspace, table, () -> showFindings(workspace.shownProperty().get()));
        flats = new FlatsPanel(workspace, table);
        handOver = new HandOverPanel(workspace, this::go);
        for (Panel panel :
                List.of(sheet, line, close, flats, new PressPanel(workspace), handOver)) {
            panels.put(panel.station(), panel);
        }
        findings =
                new FindingList(
                        finding -> Thumbnails.of(workspace.shownProperty().get(), finding),
                        this::lookAt);
        getStyleClass().add("workbench");
        setTop(new HeadBar(workspace, route, this));
        setLeft(docket());
        setCenter(middle());
        setBottom(new FootBar(workspace, table));
        table.shownProperty().bind(workspace.shownProperty());
        table.setWhenClicked(place -> panel().clicked(workspace.shownProperty().get(), place));
        flats.inHandProperty().addListener(property -> showDab());
        workspace.shownProperty().addListener((property, before, now) -> shown(before, now));
        workspace
                .insights()
                .reviewProperty()
                .addListener(property -> showFindings(workspace.shownProperty().get()));
        workspace
                .insights()
                .reviewFailureProperty()
                .addListener(property -> showFindings(workspace.shownProperty().get()));
        workspace
                .insights()
                .studyProperty()
                .addListener(
                        (property, before, now) -> {
                            table.setStudy(now);
                            if (now != null && workspace.shownProperty().get() != null) {
                                line.show(workspace.shownProperty().get());
                                showFindings(workspace.shownProperty().get());
                            }
                        });
        workspace
                .insights()
                .studyFailureProperty()
                .addListener(
                        property -> {
                            if (workspace.shownProperty().get() != null) {
                                line.show(workspace.shownProperty().get());
                            }
                        });
        workspace.earlyProperty().addListener((property, before, now) -> table.setEarly(now));
        workspace.troubleProperty().addListener((property, before, text) -> prompt.tell(text));
        go(Station.SHEET);
    }

    private VBox docket() {
        title.getStyleClass().add("docket-title");
        purpose.getStyleClass().add("docket-purpose");
        purpose.setWrapText(true);
        VBox.setVgrow(findings, Priority.ALWAYS);
        // What is set here is never squeezed; the findings scroll in what is left.
        content.setMinHeight(USE_PREF_SIZE);
        VBox docket = new VBox(12, new VBox(2, title, purpose), content, findings);
        docket.getStyleClass().add("docket");
        docket.setPrefWidth(DOCKET_WIDTH);
        docket.setMinWidth(DOCKET_WIDTH);
        docket.setMaxWidth(DOCKET_WIDTH);
        return docket;
    }

    private StackPane middle() {
        welcome =
                new Welcome(
                        workspace.folders().recent(), files::choose, files::open, files::openDemo);
        ViewBar views = new ViewBar(table);
        views.visibleProperty().bind(workspace.shownProperty().isNotNull());
        welcome.visibleProperty()
                .bind(
                        workspace
                                .shownProperty()
                                .isNull()
                                .and(workspace.progressProperty().lessThan(0)));
        Label waiting = new Label();
        waiting.getStyleClass().add("waiting");
        waiting.textProperty().bind(workspace.stepProperty().concat(" …"));
        waiting.visibleProperty()
                .bind(
                        workspace
                                .shownProperty()
                                .isNull()
                                .and(workspace.progressProperty().greaterThanOrEqualTo(0)));
        StackPane.setAlignment(views, Pos.BOTTOM_CENTER);
        StackPane.setMargin(views, new Insets(0, 0, 12, 0));
        StackPane.setAlignment(prompt, Pos.TOP_CENTER);
        middle.getStyleClass().add("middle");
        middle.getChildren().addAll(table, welcome, waiting, views, flats.wall(), keys, prompt);
        middle.setOnDragOver(this::draggedOver);
        middle.setOnDragDropped(this::dropped);
        return middle;
    }

    private void draggedOver(DragEvent event) {
        if (event.getDragboard().hasFiles()) {
            event.acceptTransferModes(TransferMode.COPY);
        }
        event.consume();
    }

    private void dropped(DragEvent event) {
        List<File> dropped = event.getDragboard().getFiles();
        event.setDropCompleted(!dropped.isEmpty());
        if (!dropped.isEmpty()) {
            files.open(dropped.get(0).toPath());
        }
        event.consume();
    }

    /** The drawing's view, for tests. */
    Table table() {
        return table;
    }

    /** The first station, for tests. */
    SheetPanel sheet() {
        return sheet;
    }

    /** The second station, for keys and tests. */
    LinePanel line() {
        return line;
    }

    /** The third station, for keys and tests. */
    ClosePanel closing() {
        return close;
    }

    /** The fourth station, for tests. */
    FlatsPanel flats() {
        return flats;
    }

    /** The last station, for tests. */
    HandOverPanel handOver() {
        return handOver;
    }

    private Panel panel() {
        return panels.get(station);
    }

    /** Goes to a station. */
    void go(Station next) {
        table.take(null);
        table.setSketch(null);
        flats.backToTheTable();
        boolean leaves = next != station;
        if (leaves && (station == Station.FLATS || station == Station.CLOSE)) {
            // What was in hand or asked about there is laid down with the station.
            workspace.say("");
        }
        station = next;
        route.select(next);
        title.setText(next.title());
        purpose.setText(panel().purpose());
        content.getChildren().setAll(panel().content());
        findings.clearChoice();
        table.modeProperty().set(panel().usualMode());
        table.lineLookProperty().set(next == Station.LINE ? line.look() : LineLook.NOTHING);
        showDab();
        Shown now = workspace.shownProperty().get();
        content.setVisible(now != null);
        content.setManaged(now != null);
        if (now != null) {
            panel().show(now);
        }
        showFindings(now);
    }

    private void showDab() {
        boolean colouring = station == Station.FLATS && workspace.shownProperty().get() != null;
        table.dabProperty().set(colouring ? flats.dab() : null);
    }

    private void shown(Shown before, Shown now) {
        content.setVisible(now != null);
        content.setManaged(now != null);
        if (now == null) {
            return;
        }
        if (before == null || before.drawing().picture() != now.drawing().picture()) {
            route.reset();
            route.select(station);
        }
        panels.values().forEach(panel -> panel.show(now));
        showDab();
        showFindings(now);
    }

    private void showFindings(Shown now) {
        for (Panel panel : panels.values()) {
            List<Finding> found = now == null ? List.of() : panel.findings(now);
            route.setFindings(panel.station(), found.size(), now != null);
            if (panel.station() == station) {
                findings.show(
                        found, now == null ? "Nothing on the table yet." : panel.whenSettled());
            }
        }
        showMarks(findings.chosenProperty().get());
    }

    private void lookAt(Finding finding) {
        panel().findingChosen(finding);
        if (finding.place() != null) {
            table.lookAt(finding.place(), 3 * Math.max(3, finding.reachMm()));
        }
        showMarks(finding);
    }

    private void showMarks(Finding chosen) {
        Shown now = workspace.shownProperty().get();
        if (now == null) {
            return;
        }
        List<Mark> marks = new ArrayList<>(panel().marks(now));
        if (chosen != null && chosen.mark() != null) {
            marks.add(chosen.mark().strengthened());
        }
        table.setMarks(marks);
    }

    /** Opening, saving and closing. */
    OpenAndSave files() {
        return files;
    }

    /** Answers to the keyboard of a scene. */
    void listenTo(Scene scene) {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, new Keyboard(this, workspace, table));
    }

    Station station() {
        return station;
    }

    /** Takes the swatch at a place in the palette in hand. */
    void pick(int place) {
        flats.pick(place);
    }

    /** Goes to the next finding, or with -1 to the one before. */
    void stepFinding(int by) {
        findings.step(by);
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
