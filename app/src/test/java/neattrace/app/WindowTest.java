package neattrace.app;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import neattrace.app.work.Folders;
import neattrace.app.work.Workspace;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** The program in a real window, with real mouse and keys. */
@ExtendWith(ApplicationExtension.class)
abstract class WindowTest {

    private static final int PATIENCE_SECONDS = 90;

    @TempDir static Path folder;

    Workspace workspace;
    Workbench workbench;

    /** Opens the program in a stage; a test class calls it where it starts. */
    final void show(Stage stage) {
        workspace = new Workspace(Folders.below(folder.resolve("own")));
        workbench = NeatTraceApp.show(stage, workspace);
    }

    @AfterEach
    void stop(FxRobot robot) {
        robot.interact(
                () -> {
                    workbench.close();
                    workspace.close();
                });
    }

    static void until(Callable<Boolean> condition) throws Exception {
        WaitForAsyncUtils.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS, condition);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Waits until the shown drawing is that of the job as it stands, and all else is known. */
    final void settled() throws Exception {
        until(
                () ->
                        workspace.progressProperty().get() < 0
                                && workspace.shownProperty().get() != null
                                && drawing().job().equals(workspace.job())
                                && isLookedThrough());
    }

    /** Whether what is found out beside the work has been found out, if the test needs it. */
    boolean isLookedThrough() {
        return true;
    }

    final Drawing drawing() {
        return workspace.shownProperty().get().drawing();
    }

    final void open(FxRobot robot, Path file) throws Exception {
        robot.interact(() -> workspace.open(file));
        settled();
    }

    static String message(FxRobot robot) {
        return robot.lookup("#message").queryAs(Label.class).getText();
    }

    /** Where a place on the page, mm, lies on the screen. */
    final Point2D onScreen(double x, double y) {
        return workbench.table().localToScreen(workbench.table().onScreen(new Point(x, y)));
    }

    final void click(FxRobot robot, double x, double y) {
        robot.moveTo(onScreen(x, y)).clickOn(MouseButton.PRIMARY);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Drags from the first place over all others, mm. */
    final void drag(FxRobot robot, double... xy) {
        robot.moveTo(onScreen(xy[0], xy[1])).press(MouseButton.PRIMARY);
        for (int i = 2; i < xy.length; i += 2) {
            robot.moveTo(onScreen(xy[i], xy[i + 1]));
        }
        robot.release(MouseButton.PRIMARY);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Types a value into a field of a sentence. */
    final void set(FxRobot robot, String field, String value) throws Exception {
        TextField text = robot.lookup(field).queryAs(TextField.class);
        robot.clickOn(field);
        robot.interact(text::selectAll);
        robot.write(value).push(KeyCode.ENTER);
        settled();
    }
}
