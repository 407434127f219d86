package neattrace.app;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Function;
import javafx.application.Application;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.stage.Screen;
import javafx.stage.Stage;
import neattrace.app.station.Bench;
import neattrace.app.station.StationPanel;
import neattrace.app.work.Folders;
import neattrace.app.work.Workspace;
import neattrace.standin.skerry.SkerryMail;

/** The application: one window with one job. */
public final class NeatTraceApp extends Application {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final double LEAST_WIDTH = 960;
    private static final double LEAST_HEIGHT = 640;

    private Workspace workspace;
    private Workbench workbench;

    /** For JavaFX. */
    public NeatTraceApp() {}

    @Override
    public void start(Stage stage) {
        workspace = new Workspace(Folders.usual());
        Mishaps.watch(workspace);
        workbench = show(stage, workspace);
        List<String> arguments = getParameters().getUnnamed();
        if (!arguments.isEmpty() && arguments.get(0).equals("demo")) {
            workbench.files().openDemo(SkerryMail.PUFFIN);
        } else if (!arguments.isEmpty()) {
            workbench.files().open(Path.of(arguments.get(0)));
        }
        workbench.files().offerWhatWasLeft();
        workbench.files().tellWhatWasSetAside();
    }

    /** Shows a workspace in a window. */
    static Workbench show(Stage stage, Workspace workspace) {
        return show(stage, workspace, Stations::all);
    }

    /** The same with other stations. */
    static Workbench show(
            Stage stage, Workspace workspace, Function<Bench, List<StationPanel>> stations) {
        Theme.install();
        Workbench workbench = new Workbench(workspace, stations);
        Rectangle2D screen = Screen.getPrimary().getVisualBounds();
        Scene scene = new Scene(workbench);
        Theme.dress(scene);
        workbench.listenTo(scene);
        stage.setTitle("Neat Trace");
        stage.setScene(scene);
        stage.setOnCloseRequest(workbench.files()::closeRequested);
        // Whoever comes back from elsewhere may have changed a drawing there.
        stage.focusedProperty()
                .addListener(
                        (property, before, focused) -> {
                            if (focused) {
                                workspace.sheetDesk().lookAgain();
                            }
                        });
        stage.setMinWidth(LEAST_WIDTH);
        stage.setMinHeight(LEAST_HEIGHT);
        FirstSize.show(
                stage, Math.min(WIDTH, screen.getWidth()), Math.min(HEIGHT, screen.getHeight()));
        workbench.table().requestFocus();
        return workbench;
    }

    @Override
    public void stop() {
        workbench.close();
        workspace.close();
    }
}
