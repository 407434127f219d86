package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.Node;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import neattrace.app.station.handover.HandOverPanel;
import neattrace.app.station.make.MakePanel;
import neattrace.app.work.Folders;
import neattrace.app.work.Workspace;
import neattrace.export.FileFormat;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.file.Autosave;
import neattrace.job.file.JobFile;
import neattrace.standin.skerry.SkerryMail;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Files that are opened, saved, left unsaved, broken or left behind. */
class OpenAndSaveTest extends WindowTest {

    private Stage stage;

    @Start
    void start(Stage stage) {
        this.stage = stage;
        show(stage);
    }

    @Test
    void aPictureWithoutResolutionAsksForIt(FxRobot robot) throws Exception {
        open(robot, boxes("e.png", 0));
        assertThat(robot.lookup("The file does not say its resolution").tryQuery()).isPresent();
        robot.clickOn("It is 600 ppi");
        settled();
        assertThat(drawing().widthMm()).isCloseTo(20, within(0.1));
        assertThat(robot.lookup("The file does not say its resolution").tryQuery()).isEmpty();
    }

    @Test
    void aBadFileIsNamedAndTheOpenJobStays(FxRobot robot) throws Exception {
        open(robot, boxes("f.png", 300));
        Job before = workspace.job();
        Path bad = Files.writeString(folder.resolve("bad.png"), "no picture");
        robot.interact(() -> workspace.open(bad));
        until(() -> message(robot).contains("bad.png"));
        robot.clickOn("All right");
        assertThat(robot.lookup("All right").tryQuery()).isEmpty();
        Path badJob = Files.writeString(folder.resolve("bad.ntjob"), "no job");
        robot.interact(() -> workspace.open(badJob));
        until(() -> message(robot).contains("bad.ntjob"));
        assertThat(workspace.job()).isSameAs(before);
        assertThat(workspace.progressProperty().get()).isNegative();
        // A change made just before is not lost with the file that could not be opened.
        robot.interact(
                () -> {
                    workspace.change("Title", job -> job.withTitle("Kept"));
                    workspace.open(bad);
                });
        until(() -> message(robot).contains("bad.png"));
        settled();
        assertThat(drawing().job().title()).isEqualTo("Kept");
    }

    @Test
    void aFailedWriteIsSaidAndNothingIsLost(FxRobot robot) throws Exception {
        open(robot, boxes("g.png", 300));
        Path nowhere = folder.resolve("no/where/a.svg");
        robot.interact(() -> workbench.station(HandOverPanel.class).write(FileFormat.SVG, nowhere));
        until(() -> message(robot).contains("does not exist"));
        robot.interact(() -> workspace.save(folder.resolve("no/where/a.ntjob"), () -> {}));
        until(() -> message(robot).contains("does not exist"));
        assertThat(workspace.unsavedProperty().get()).isTrue();
    }

    @Test
    void whenAutosaveFailsThatIsSaid(FxRobot robot) throws Exception {
        // A file where the folder should be: nothing can be made below it.
        Path blocked = Files.writeString(folder.resolve("blocked"), "a file");
        robot.interact(
                () -> {
                    workspace.close();
                    workspace = new Workspace(Folders.below(blocked));
                });
        Path drawing = boxes("m.png", 300);
        robot.interact(() -> workspace.open(drawing));
        until(() -> workspace.troubleProperty().get().contains("save it yourself"));
        assertThat(workspace.job().title()).isEqualTo("m");
    }

    @Test
    void whatACrashLeftIsOfferedAndComesBack(FxRobot robot) throws Exception {
        Path own = folder.resolve("own/autosave");
        Job job =
                Job.of(new Source("lost.png", Files.readAllBytes(boxes("i.png", 300))))
                        .withTitle("Lost and found");
        try (Autosave crashed = Autosave.start(own)) {
            crashed.keep(job);
        }
        robot.interact(() -> workbench.files().offerWhatWasLeft());
        robot.clickOn("Bring it back");
        until(() -> workspace.job() != null);
        settled();
        assertThat(workspace.job().title()).isEqualTo("Lost and found");
        assertThat(workspace.unsavedProperty().get()).isTrue();
        until(() -> workspace.folders().leftBehind().isEmpty());
    }

    @Test
    void unsavedChangesAreAskedAboutBeforeAnotherFileOpens(FxRobot robot) throws Exception {
        open(robot, boxes("j.png", 300));
        robot.interact(() -> workspace.change("Title", job -> job.withTitle("Mine")));
        settled();
        robot.interact(() -> workbench.files().openDemo(SkerryMail.MOTH));
        assertThat(robot.lookup("Don't save").tryQuery()).isPresent();
        robot.clickOn("Cancel");
        assertThat(workspace.job().title()).isEqualTo("Mine");
    }

    /** Opens two boxes and gives them another title. */
    private void openAndChange(FxRobot robot, String file) throws Exception {
        open(robot, boxes(file, 300));
        robot.interact(() -> workspace.change("Title", job -> job.withTitle("Mine")));
        settled();
    }

    @Test
    void whoDoesNotWantToSaveLosesTheChangesAndNothingElse(FxRobot robot) throws Exception {
        openAndChange(robot, "p.png");
        Path other = boxes("q.png", 300);
        robot.interact(() -> workbench.files().open(other));
        robot.clickOn("Don't save");
        until(() -> workspace.job().title().equals("q"));
        settled();
        assertThat(robot.lookup("Don't save").tryQuery()).isEmpty();
    }

    @Test
    void savingComesBeforeTheOtherFileOpens(FxRobot robot) throws Exception {
        openAndChange(robot, "r.png");
        Path kept = folder.resolve("r.ntjob");
        robot.interact(() -> workspace.save(kept, () -> {}));
        until(() -> !workspace.unsavedProperty().get());
        robot.interact(() -> workspace.change("Title", job -> job.withTitle("Mine, too")));
        settled();
        Path other = boxes("s.png", 300);
        robot.interact(() -> workbench.files().open(other));
        robot.clickOn(robot.from(robot.lookup(".prompt").queryAll()).lookup("Save").<Node>query());
        until(() -> workspace.job().title().equals("s"));
        settled();
        assertThat(JobFile.open(kept).title()).isEqualTo("Mine, too");
        assertThat(workspace.fileProperty().get()).isNull();
    }

    @Test
    void whatIsSavedOrUntouchedOpensTheNextWithoutAQuestion(FxRobot robot) throws Exception {
        open(robot, boxes("t.png", 300));
        Path other = boxes("u.png", 300);
        robot.interact(() -> workbench.files().open(other));
        until(() -> workspace.job().title().equals("u"));
        assertThat(robot.lookup("Don't save").tryQuery()).isEmpty();
    }

    @Test
    void theWindowAsksBeforeItClosesAndStaysIfTold(FxRobot robot) throws Exception {
        openAndChange(robot, "v.png");
        WindowEvent event = new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST);
        robot.interact(() -> workbench.files().closeRequested(event));
        assertThat(event.isConsumed()).isTrue();
        robot.clickOn("Stay");
        assertThat(stage.isShowing()).isTrue();
        assertThat(workspace.job().title()).isEqualTo("Mine");
        robot.interact(
                () ->
                        workbench
                                .files()
                                .closeRequested(
                                        new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        robot.clickOn("Don't save");
        until(() -> !stage.isShowing());
    }

    @Test
    void whatACrashLeftCanBeThrownAway(FxRobot robot) throws Exception {
        Job job = Job.of(new Source("lost.png", Files.readAllBytes(boxes("w.png", 300))));
        try (Autosave crashed = Autosave.start(folder.resolve("own/autosave"))) {
            crashed.keep(job);
        }
        assertThat(workspace.folders().leftBehind()).isNotEmpty();
        int left = workspace.folders().leftBehind().size();
        robot.interact(() -> workbench.files().offerWhatWasLeft());
        robot.clickOn("Throw it away");
        until(() -> workspace.folders().leftBehind().size() == left - 1);
        assertThat(workspace.job()).isNull();
    }

    /** It has no step to undo, and yet nothing of it is in any file. */
    @Test
    void aJobThatWasBroughtBackIsAskedAboutBeforeItCloses(FxRobot robot) throws Exception {
        Job job =
                Job.of(new Source("lost.png", Files.readAllBytes(boxes("x1.png", 300))))
                        .withTitle("Nearly lost");
        try (Autosave crashed = Autosave.start(folder.resolve("own/autosave"))) {
            crashed.keep(job);
        }
        robot.interact(() -> workbench.files().offerWhatWasLeft());
        robot.clickOn("Bring it back");
        until(() -> workspace.job() != null && workspace.job().title().equals("Nearly lost"));
        settled();
        WindowEvent event = new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST);
        robot.interact(() -> workbench.files().closeRequested(event));
        assertThat(event.isConsumed()).isTrue();
        robot.clickOn("Stay");
        Path saved = folder.resolve("nearly.ntjob");
        robot.interact(() -> workspace.save(saved, () -> {}));
        until(() -> !workspace.unsavedProperty().get());
        assertThat(workspace.hasSomethingToLose()).isFalse();
    }

    @Test
    void aJobThatAnotherProgramSavedMeanwhileIsNotOverwritten(FxRobot robot) throws Exception {
        open(robot, boxes("y1.png", 300));
        Path file = folder.resolve("shared.ntjob");
        robot.interact(() -> workspace.save(file, () -> {}));
        until(() -> !workspace.unsavedProperty().get());
        JobFile.save(file, workspace.job().withTitle("Theirs, and longer"), new byte[0]);
        robot.interact(() -> workspace.change("Title", job -> job.withTitle("Ours")));
        settled();
        robot.interact(() -> workbench.files().save(() -> {}));
        robot.clickOn("Keep both: save as shared 2.ntjob");
        until(() -> !workspace.unsavedProperty().get());
        assertThat(JobFile.open(file).title()).isEqualTo("Theirs, and longer");
        assertThat(JobFile.open(folder.resolve("shared 2.ntjob")).title()).isEqualTo("Ours");
    }

    @Test
    void theOpenPictureIsNotWrittenTo(FxRobot robot) throws Exception {
        Path scan = boxes("z1.png", 300);
        byte[] before = Files.readAllBytes(scan);
        Path link = Files.createSymbolicLink(folder.resolve("z1-link.png"), scan);
        open(robot, scan);
        robot.interact(() -> workbench.station(HandOverPanel.class).write(FileFormat.PNG, link));
        until(() -> message(robot).contains("never written to"));
        robot.interact(() -> workbench.station(MakePanel.class).write(scan));
        until(() -> message(robot).contains("never written to"));
        assertThat(Files.readAllBytes(scan)).isEqualTo(before);
    }

    /** What is written is the drawing after the change, not the one before. */
    @Test
    void aFileAskedForWhileAChangeIsWorkedOutHasTheChange(FxRobot robot) throws Exception {
        open(robot, boxes("z2.png", 300));
        Path svg = folder.resolve("newest.svg");
        robot.interact(
                () -> {
                    workspace.change("Title", job -> job.withTitle("After the change"));
                    workbench.station(HandOverPanel.class).write(FileFormat.SVG, svg);
                });
        until(() -> Files.exists(svg));
        assertThat(svg).content().contains("<title>After the change</title>");
    }
}
