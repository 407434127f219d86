package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import neattrace.app.docket.Choice;
import neattrace.app.station.TargetFile;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.file.Autosave;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What is typed goes where it is seen to go, and nothing is replaced or lost unasked. */
class TypingTest extends WindowTest {

    private Stage stage;

    @Start
    void start(Stage stage) {
        this.stage = stage;
        show(stage);
    }

    private TextField resolution(FxRobot robot) throws Exception {
        open(robot, boxes("typing.png", 300));
        robot.push(KeyCode.S);
        robot.clickOn("#step-size");
        return robot.lookup("#ppi").queryAs(TextField.class);
    }

    private boolean isOnTable() {
        WaitForAsyncUtils.waitForFxEvents();
        return workbench.table().isFocused();
    }

    @Test
    void afterReturnEscapeOrAClickBesideTheNextKeyIsForTheTable(FxRobot robot) throws Exception {
        TextField field = resolution(robot);
        robot.clickOn(field);
        robot.interact(field::selectAll);
        robot.write("400").push(KeyCode.ENTER);
        assertThat(isOnTable()).as("after Return").isTrue();
        settled();
        assertThat(workspace.job().ppi()).isEqualTo(400);
        robot.push(KeyCode.F);
        assertThat(workbench.station().stop().key()).isEqualTo("flats");
        robot.push(KeyCode.S);
        robot.clickOn(field);
        robot.push(KeyCode.ESCAPE);
        assertThat(isOnTable()).as("after Escape").isTrue();
        robot.clickOn(field);
        robot.clickOn(".docket-title");
        assertThat(isOnTable()).as("after a click beside").isTrue();
        assertThat(workspace.job().ppi()).isEqualTo(400);
    }

    @Test
    void whoeverWalksByKeysGoesOnFromTheFieldThatWasLeft(FxRobot robot) throws Exception {
        TextField field = resolution(robot);
        robot.clickOn(field).push(KeyCode.ENTER);
        assertThat(isOnTable()).isTrue();
        robot.push(KeyCode.TAB);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workbench.getScene().getFocusOwner()).isNotSameAs(workbench.table());
        robot.push(KeyCode.SHIFT, KeyCode.TAB);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workbench.getScene().getFocusOwner()).isSameAs(field);
    }

    @Test
    void undoingWhileTypingUndoesWhatWasTyped(FxRobot robot) throws Exception {
        TextField field = resolution(robot);
        robot.interact(() -> workspace.change("Title", job -> job.withTitle("Kept")));
        settled();
        robot.clickOn(field);
        robot.interact(field::selectAll);
        robot.write("77").push(KeyCode.CONTROL, KeyCode.Z);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workspace.job().title()).isEqualTo("Kept");
        robot.push(KeyCode.ESCAPE);
    }

    @Test
    void whatAFieldRefusesIsSaidWithWhy(FxRobot robot) throws Exception {
        TextField field = resolution(robot);
        for (String typed : List.of("A4", "NaN", "1e3", "12 34")) {
            robot.interact(
                    () -> {
                        field.requestFocus();
                        field.setText(typed);
                        workbench.table().requestFocus();
                    });
            assertThat(message(robot)).as(typed).contains("“" + typed + "” is no number");
        }
        robot.interact(
                () -> {
                    field.requestFocus();
                    field.setText("0,5");
                    workbench.table().requestFocus();
                });
        assertThat(message(robot)).startsWith("It can be ");
        settled();
    }

    /** On some keyboards letters are made with AltGr, which is Ctrl and Alt to a program. */
    @Test
    void lettersMadeWithAltGrAreLetters(FxRobot robot) throws Exception {
        open(robot, boxes("altgr.png", 300));
        robot.interact(() -> workspace.change("Title", job -> job.withTitle("Kept")));
        settled();
        robot.interact(
                () ->
                        workbench
                                .table()
                                .fireEvent(
                                        new KeyEvent(
                                                KeyEvent.KEY_PRESSED,
                                                "ż",
                                                "ż",
                                                KeyCode.Z,
                                                false,
                                                true,
                                                true,
                                                false)));
        assertThat(workspace.job().title()).isEqualTo("Kept");
    }

    @Test
    void aNameWithoutItsEndingNeverReplacesAFileUnasked() throws Exception {
        Path there = Files.writeString(folder.resolve("card.svg"), "there");
        List<Path> written = new ArrayList<>();
        List<Choice> asked = new ArrayList<>();
        File typed = folder.resolve("card").toFile();
        TargetFile.complete(
                typed,
                ".svg",
                path -> false,
                (question, choices) -> asked.addAll(List.of(choices)),
                written::add);
        assertThat(written).isEmpty();
        asked.get(1).action().run();
        assertThat(written).as("left").isEmpty();
        asked.get(0).action().run();
        assertThat(written).containsExactly(there);

        written.clear();
        File fresh = folder.resolve("fresh").toFile();
        TargetFile.complete(fresh, ".svg", path -> false, (q, c) -> {}, written::add);
        assertThat(written).containsExactly(folder.resolve("fresh.svg"));
        File loud = folder.resolve("LOUD.SVG").toFile();
        TargetFile.complete(loud, ".svg", path -> false, (q, c) -> {}, written::add);
        assertThat(written).endsWith(loud.toPath());
    }

    @Test
    void whatIsBroughtBackReplacesNothingUnasked(FxRobot robot) throws Exception {
        open(robot, boxes("mine.png", 300));
        robot.interact(() -> workspace.change("Title", job -> job.withTitle("Mine")));
        settled();
        Job job = Job.of(new Source("lost.png", Files.readAllBytes(boxes("l.png", 300))));
        try (Autosave crashed = Autosave.start(folder.resolve("own/autosave"))) {
            crashed.keep(job);
        }
        robot.interact(() -> workbench.files().offerWhatWasLeft());
        robot.clickOn("Bring it back");
        assertThat(robot.lookup("Don't save").tryQuery()).isPresent();
        robot.clickOn("Cancel");
        assertThat(workspace.job().title()).isEqualTo("Mine");
        assertThat(workspace.folders().leftBehind()).isNotEmpty();
    }

    @Test
    void theWindowStaysUntilWhatIsBeingWrittenIsThere(FxRobot robot) throws Exception {
        open(robot, boxes("slow.png", 300));
        CountDownLatch go = new CountDownLatch(1);
        Path file = folder.resolve("slow.txt");
        robot.interact(
                () ->
                        workspace.write(
                                "Wrote it.",
                                file,
                                progress -> {
                                    try {
                                        go.await();
                                    } catch (InterruptedException e) {
                                        return;
                                    }
                                    Files.writeString(file, "there");
                                },
                                () -> {}));
        WindowEvent event = new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST);
        robot.interact(() -> workbench.files().closeRequested(event));
        assertThat(event.isConsumed()).isTrue();
        assertThat(robot.lookup("Stop writing and close").tryQuery()).isPresent();
        assertThat(stage.isShowing()).isTrue();
        go.countDown();
        until(() -> !stage.isShowing());
        assertThat(file).hasContent("there");
    }
}
