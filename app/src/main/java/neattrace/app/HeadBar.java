package neattrace.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neattrace.app.route.RouteBar;
import neattrace.app.work.Workspace;
import neattrace.gang.GangSheet;
import neattrace.job.History;
import neattrace.job.Job;
import neattrace.standin.skerry.SkerryMail;
import neattrace.standin.skerry.SkerryMotif;

/** The upper edge of the window: whose it is, the route, and what concerns the whole job. */
final class HeadBar extends HBox {

    /** Narrower windows do without the stations' marks. */
    private static final double ROOMY_WIDTH = 1420;

    /** Still narrower ones do without the program's name. */
    private static final double NARROW_WIDTH = 1180;

    private static final PseudoClass NARROW = PseudoClass.getPseudoClass("narrow");

    private final Workspace workspace;
    private final Workbench workbench;
    private final Label drawingName = new Label();
    private final MenuButton open = new MenuButton("Open");
    private final Button save = button("Save", "Ctrl+S");
    private final Button undo = button("Undo", "Ctrl+Z");
    private final Button redo = button("Redo", "Ctrl+Y");

    HeadBar(Workspace workspace, RouteBar route, Workbench workbench) {
        super(10);
        this.workspace = workspace;
        this.workbench = workbench;
        getStyleClass().add("head");
        setAlignment(Pos.CENTER);
        Label name = new Label("Neat Trace");
        name.getStyleClass().add("wordmark");
        drawingName.getStyleClass().add("drawing-name");
        VBox names = new VBox(name, drawingName);
        names.setAlignment(Pos.CENTER_LEFT);
        names.setPrefWidth(150);
        names.setMinWidth(84);
        HBox.setHgrow(route, Priority.ALWAYS);
        route.roomyProperty().bind(widthProperty().greaterThan(ROOMY_WIDTH));
        name.visibleProperty().bind(widthProperty().greaterThan(NARROW_WIDTH));
        name.managedProperty().bind(name.visibleProperty());
        widthProperty()
                .addListener(
                        (property, before, width) ->
                                pseudoClassStateChanged(
                                        NARROW, width.doubleValue() <= NARROW_WIDTH));
        setMinWidth(0);
        getChildren().addAll(names, route, actions());
        workspace.historyProperty().addListener(property -> show());
        workspace.unsavedProperty().addListener(property -> show());
        workspace.sheetDesk().inHandProperty().addListener(property -> show());
        workspace.sheetDesk().historyProperty().addListener(property -> show());
        show();
    }

    private HBox actions() {
        open.getStyleClass().add("head-menu");
        open.setFocusTraversable(false);
        open.setOnShowing(event -> fillOpenMenu());
        fillOpenMenu();
        save.setOnAction(event -> workbench.files().save(() -> {}));
        undo.setOnAction(event -> workbench.undo());
        redo.setOnAction(event -> workbench.redo());
        Button keys = button("Keys", "F1");
        keys.setOnAction(event -> workbench.toggleKeys());
        HBox actions = new HBox(2, open, save, undo, redo, keys);
        actions.setAlignment(Pos.CENTER_RIGHT);
        actions.setMinWidth(USE_PREF_SIZE);
        return actions;
    }

    private static Button button(String text, String key) {
        Button button = new Button(text);
        button.setId(text.toLowerCase(Locale.ROOT));
        button.getStyleClass().setAll("head-button");
        button.setFocusTraversable(false);
        button.setAccessibleText(text + ", " + key);
        button.setTooltip(new Tooltip(text + "  " + key));
        return button;
    }

    private void fillOpenMenu() {
        open.getItems().clear();
        open.getItems().add(item("A file …  Ctrl+O", workbench.files()::choose));
        List<Path> recent = workspace.recent().filesProperty().get();
        if (!recent.isEmpty()) {
            open.getItems().add(new SeparatorMenuItem());
            for (Path file : recent) {
                open.getItems()
                        .add(
                                item(
                                        file.getFileName().toString(),
                                        () -> workbench.files().open(file)));
            }
        }
        open.getItems().add(new SeparatorMenuItem());
        for (SkerryMail mail : SkerryMail.values()) {
            open.getItems()
                    .add(item("Demo: " + mail.title(), () -> workbench.files().openDemo(mail)));
        }
        Menu motifs = new Menu("Demo: small motifs");
        for (SkerryMotif motif : SkerryMotif.values()) {
            motifs.getItems().add(item(motif.title(), () -> workbench.files().openDemo(motif)));
        }
        open.getItems().add(motifs);
        open.getItems().add(item("Demo: a sheet of stickers", workbench.files()::openDemoSheet));
    }

    private static MenuItem item(String text, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setMnemonicParsing(false);
        item.setOnAction(event -> action.run());
        return item;
    }

    private void show() {
        if (workspace.sheetDesk().inHandProperty().get()) {
            showSheet();
            return;
        }
        History<Job> history = workspace.historyProperty().get();
        undo.setDisable(history == null || history.undoable().isEmpty());
        redo.setDisable(history == null || history.redoable().isEmpty());
        save.setDisable(history == null);
        boolean unsaved = workspace.unsavedProperty().get();
        drawingName.setText(
                history == null
                        ? "No drawing yet"
                        : (unsaved ? "not saved: " : "") + history.job().title());
        drawingName.setTooltip(history == null ? null : new Tooltip(drawingName.getText()));
    }

    private void showSheet() {
        History<GangSheet> history = workspace.sheetDesk().historyProperty().get();
        undo.setDisable(history.undoable().isEmpty());
        redo.setDisable(history.redoable().isEmpty());
        save.setDisable(false);
        drawingName.setText("sheet: " + workspace.sheetDesk().name());
        drawingName.setTooltip(
                new Tooltip(String.valueOf(workspace.sheetDesk().fileProperty().get())));
    }
}
