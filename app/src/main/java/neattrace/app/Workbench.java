package neattrace.app;

import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import javafx.stage.WindowEvent;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Finding.Answer;
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
import neattrace.app.table.Mark;
import neattrace.app.table.Table;
import neattrace.app.table.TableMode;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.job.autosave.Autosave;
import neattrace.job.file.JobFile;
import neattrace.standin.skerry.SkerryJobs;
import neattrace.standin.skerry.SkerryMail;

/** The whole window: route above, docket and table side by side, foot below. */
final class Workbench extends BorderPane {

    private static final double DOCKET_WIDTH = 328;

    private final Workspace workspace;
    private final Table table = new Table();
    private final RouteBar route = new RouteBar(this::go);
    private final Map<Station, Panel> panels = new EnumMap<>(Station.class);
    private final FlatsPanel flats;
    private final HandOverPanel handOver;
    private final FindingList findings;
    private final Label title = new Label();
    private final Label purpose = new Label();
    private final VBox content = new VBox();
    private final Label drawingName = new Label();
    private final Button undo = headButton("Undo", "Ctrl+Z");
    private final Button redo = headButton("Redo", "Ctrl+Y");
    private final Button save = headButton("Save", "Ctrl+S");
    private final MenuButton open = new MenuButton("Open");
    private final StackPane middle = new StackPane();
    private final PromptBar prompt = new PromptBar();
    private final KeyCard keys = new KeyCard();
    private Welcome welcome;
    private Station station = Station.SHEET;
    private TableMode beforeScan = TableMode.ALL;
    private boolean mayClose;

    Workbench(Workspace workspace) {
        this.workspace = workspace;
        flats = new FlatsPanel(workspace);
        handOver = new HandOverPanel(workspace, this::go);
        for (Panel panel :
                List.of(
                        new SheetPanel(workspace),
                        new LinePanel(workspace),
                        new ClosePanel(workspace),
                        flats,
                        new PressPanel(workspace),
                        handOver)) {
            panels.put(panel.station(), panel);
        }
        findings =
                new FindingList(
                        finding -> Thumbnails.of(workspace.shownProperty().get(), finding),
                        this::lookAt);
        getStyleClass().add("workbench");
        setTop(head());
        setLeft(docket());
        setCenter(middle());
        setBottom(new FootBar(workspace, table));
        table.shownProperty().bind(workspace.shownProperty());
        table.setWhenClicked(place -> panel().clicked(workspace.shownProperty().get(), place));
        flats.inHandProperty().addListener(property -> showDab());
        workspace.shownProperty().addListener((property, before, now) -> shown(before, now));
        workspace.historyProperty().addListener(property -> showHistory());
        workspace.unsavedProperty().addListener(property -> showHistory());
        showHistory();
        go(Station.SHEET);
    }

    private static Button headButton(String text, String key) {
        Button button = new Button(text);
        button.setId(text.toLowerCase(java.util.Locale.ROOT));
        button.getStyleClass().setAll("head-button");
        button.setFocusTraversable(false);
        button.setAccessibleText(text + ", " + key);
        button.setTooltip(new javafx.scene.control.Tooltip(text + "  " + key));
        return button;
    }

    private HBox head() {
        Label name = new Label("Neat Trace");
        name.getStyleClass().add("wordmark");
        drawingName.getStyleClass().add("drawing-name");
        VBox names = new VBox(name, drawingName);
        names.setAlignment(Pos.CENTER_LEFT);
        names.setPrefWidth(190);
        names.setMinWidth(130);
        undo.setOnAction(event -> workspace.undo());
        redo.setOnAction(event -> workspace.redo());
        save.setOnAction(event -> save(() -> {}));
        open.getStyleClass().add("head-menu");
        open.setFocusTraversable(false);
        open.setOnShowing(event -> fillOpenMenu());
        fillOpenMenu();
        HBox.setHgrow(route, Priority.ALWAYS);
        Button showKeys = headButton("Keys", "F1");
        showKeys.setOnAction(event -> keys.toggle());
        HBox actions = new HBox(2, open, save, undo, redo, showKeys);
        actions.setAlignment(Pos.CENTER_RIGHT);
        HBox head = new HBox(16, names, route, actions);
        head.setAlignment(Pos.CENTER);
        head.getStyleClass().add("head");
        return head;
    }

    private void fillOpenMenu() {
        open.getItems().clear();
        open.getItems().add(item("A file …  Ctrl+O", this::chooseFile));
        List<Path> recent = workspace.folders().recent();
        if (!recent.isEmpty()) {
            open.getItems().add(new SeparatorMenuItem());
            for (Path file : recent) {
                open.getItems().add(item(file.getFileName().toString(), () -> openFile(file)));
            }
        }
        open.getItems().add(new SeparatorMenuItem());
        for (SkerryMail mail : SkerryMail.values()) {
            open.getItems().add(item("Demo: " + mail.title(), () -> openDemo(mail)));
        }
    }

    private static MenuItem item(String text, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(event -> action.run());
        return item;
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
                        workspace.folders().recent(),
                        this::chooseFile,
                        this::openFile,
                        this::openDemo);
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
        middle.getChildren().addAll(table, welcome, waiting, views, keys, prompt);
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
        List<File> files = event.getDragboard().getFiles();
        event.setDropCompleted(!files.isEmpty());
        if (!files.isEmpty()) {
            openFile(files.get(0).toPath());
        }
        event.consume();
    }

    /** The drawing's view, for tests. */
    Table table() {
        return table;
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
        station = next;
        route.select(next);
        title.setText(next.title());
        purpose.setText(panel().purpose());
        content.getChildren().setAll(panel().content());
        findings.clearChoice();
        table.modeProperty().set(panel().usualMode());
        table.setShowPoints(next == Station.LINE);
        showDab();
        Shown now = workspace.shownProperty().get();
        content.setDisable(now == null);
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
        content.setDisable(now == null);
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
            Mark mark = chosen.mark();
            marks.add(new Mark(mark.at(), mark.from(), mark.to(), mark.text(), true, mark.open()));
        }
        table.setMarks(marks);
    }

    private void showHistory() {
        var history = workspace.historyProperty().get();
        undo.setDisable(history == null || history.undoable().isEmpty());
        redo.setDisable(history == null || history.redoable().isEmpty());
        save.setDisable(history == null);
        drawingName.setText(
                history == null
                        ? "No drawing yet"
                        : history.job().title() + (workspace.isUnsaved() ? ", not saved" : ""));
    }

    private void chooseFile() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Open a drawing or a job");
        chooser.getExtensionFilters()
                .add(
                        new FileChooser.ExtensionFilter(
                                "Pictures and jobs",
                                "*.png",
                                "*.jpg",
                                "*.jpeg",
                                "*.tif",
                                "*.tiff",
                                "*.bmp",
                                "*.gif",
                                "*" + JobFile.ENDING));
        File file = chooser.showOpenDialog(getScene().getWindow());
        if (file != null) {
            openFile(file.toPath());
        }
    }

    private void openFile(Path file) {
        unlessUnsaved(() -> workspace.open(file));
    }

    /** Opens a drawing of the demo. */
    void openDemo(SkerryMail mail) {
        unlessUnsaved(() -> workspace.make("Drawing " + mail.title(), () -> SkerryJobs.job(mail)));
    }

    private void unlessUnsaved(Runnable action) {
        boolean worthAsking =
                workspace.isUnsaved() && workspace.historyProperty().get().undoable().isPresent();
        if (!worthAsking) {
            action.run();
            return;
        }
        prompt.ask(
                "“" + workspace.job().title() + "” has changes that are not saved.",
                new Answer("Save", () -> save(action)),
                new Answer("Don't save", action),
                new Answer("Cancel", () -> {}));
    }

    private void save(Runnable whenDone) {
        if (workspace.job() == null) {
            return;
        }
        Path known = workspace.fileProperty().get();
        if (known != null) {
            workspace.save(known, whenDone);
            return;
        }
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Save the job");
        chooser.setInitialFileName(
                workspace.job().title().replaceAll("[\\\\/:*?\"<>|]", "-") + JobFile.ENDING);
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter("Job", "*" + JobFile.ENDING));
        File file = chooser.showSaveDialog(getScene().getWindow());
        if (file != null) {
            String name = file.getPath();
            Path target = Path.of(name.endsWith(JobFile.ENDING) ? name : name + JobFile.ENDING);
            workspace.save(target, whenDone);
        }
    }

    /** Offers a job back that a crash left behind. */
    void offerWhatWasLeft() {
        List<Path> left = workspace.leftBehind();
        if (left.isEmpty()) {
            return;
        }
        Path newest = left.get(0);
        prompt.ask(
                "The last time, the program ended without warning. A job was kept.",
                new Answer("Bring it back", () -> workspace.recover(newest)),
                new Answer("Throw it away", () -> discard(newest)));
    }

    private void discard(Path kept) {
        workspace.write("Thrown away.", () -> Autosave.discard(kept), () -> {});
    }

    /** Asks before changes are lost. */
    void closeRequested(WindowEvent event) {
        boolean worthAsking =
                workspace.isUnsaved() && workspace.historyProperty().get().undoable().isPresent();
        if (mayClose || !worthAsking) {
            return;
        }
        event.consume();
        Runnable close =
                () -> {
                    mayClose = true;
                    getScene().getWindow().hide();
                };
        prompt.ask(
                "“" + workspace.job().title() + "” has changes that are not saved.",
                new Answer("Save", () -> save(close)),
                new Answer("Don't save", close),
                new Answer("Stay", () -> {}));
    }

    /** Answers to the keyboard of a scene. */
    void listenTo(Scene scene) {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    }

    private void pressed(KeyEvent event) {
        if (event.isShortcutDown() ? shortcut(event) : plainKey(event)) {
            event.consume();
        }
    }

    private boolean shortcut(KeyEvent event) {
        switch (event.getCode()) {
            case O -> chooseFile();
            case S -> save(() -> {});
            case Z -> {
                if (event.isShiftDown()) {
                    workspace.redo();
                } else {
                    workspace.undo();
                }
            }
            case Y -> workspace.redo();
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean plainKey(KeyEvent event) {
        if (getScene().getFocusOwner() instanceof TextInputControl || event.isAltDown()) {
            return false;
        }
        KeyCode code = event.getCode();
        for (Station stop : Station.values()) {
            if (code == stop.key()) {
                go(stop);
                return true;
            }
        }
        if (station == Station.FLATS && code.isDigitKey()) {
            flats.pick(code.getChar().charAt(0) - '0');
            return true;
        }
        return looking(event);
    }

    private boolean looking(KeyEvent event) {
        boolean onTable = getScene().getFocusOwner() == table;
        switch (event.getCode()) {
            case N -> findings.step(event.isShiftDown() ? -1 : 1);
            case V -> ViewBar.nextMode(table);
            case B -> beforeAndAfter();
            case U -> table.lensProperty().set(!table.lensProperty().get());
            case G -> table.greyGroundProperty().set(!table.greyGroundProperty().get());
            case M -> table.flip();
            case W -> table.fit();
            case T -> table.trueSize();
            case D -> Theme.toggleNight(getScene());
            case PLUS, EQUALS, ADD -> table.zoom(1.25);
            case MINUS, SUBTRACT -> table.zoom(0.8);
            case ESCAPE -> workspace.cancel();
            case F1 -> keys.toggle();
            case SPACE -> {
                if (!onTable) {
                    return false;
                }
                table.clickAtCross();
            }
            case LEFT, RIGHT, UP, DOWN -> {
                if (!onTable) {
                    return false;
                }
                KeyCode code = event.getCode();
                table.pan(
                        code == KeyCode.LEFT ? -1 : code == KeyCode.RIGHT ? 1 : 0,
                        code == KeyCode.UP ? -1 : code == KeyCode.DOWN ? 1 : 0);
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private void beforeAndAfter() {
        if (table.modeProperty().get() == TableMode.SCAN) {
            table.modeProperty().set(beforeScan);
        } else {
            beforeScan = table.modeProperty().get();
            table.modeProperty().set(TableMode.SCAN);
        }
    }

    void close() {
        table.close();
    }
}
