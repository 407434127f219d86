package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import neattrace.app.station.make.MakePanel;
import neattrace.app.work.SheetDesk;
import neattrace.gang.GangFile;
import neattrace.gang.GangPlace;
import neattrace.gang.GangSheet;
import neattrace.geom.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Sheets of stickers in a real window: made, arranged by hand and by itself, kept, found again. */
class SheetOfStickersTest extends WindowTest {

    @TempDir private Path own;
    private Path job;

    @Start
    void start(Stage stage) {
        show(stage);
    }

    private SheetDesk desk() {
        return workspace.sheetDesk();
    }

    private GangSheet sheet() {
        return desk().sheet();
    }

    private MakePanel make() {
        return workbench.station(MakePanel.class);
    }

    /** Waits until all is arranged, and kept in its file. */
    private void arranged() throws Exception {
        until(
                () ->
                        desk().isSettled()
                                && desk().knownProperty().get() != null
                                && desk().knownProperty().get().sheet().equals(sheet())
                                && GangFile.open(desk().fileProperty().get()).equals(sheet()));
    }

    /** A sheet of three copies of the boxes and one of a picture of them. */
    private void threeAndOne(FxRobot robot) throws Exception {
        open(robot, boxes("boxes.png", 300));
        job = own.resolve("boxes.ntjob");
        robot.interact(() -> workspace.save(job, () -> {}));
        until(() -> Files.exists(job) && !workspace.unsavedProperty().get());
        robot.push(KeyCode.M).push(KeyCode.DIGIT3);
        Path picture = Files.copy(boxes("more.png", 300), own.resolve("more.png"));
        robot.interact(() -> make().makeSheet(own.resolve("range.ntsheet")));
        arranged();
        robot.interact(() -> make().addToSheet(List.of(picture)));
        arranged();
        type(robot, "#copies-1", "3");
        arranged();
    }

    private void type(FxRobot robot, String field, String value) {
        TextField text = robot.lookup(field).queryAs(TextField.class);
        robot.clickOn(field);
        robot.interact(text::selectAll);
        robot.write(value).push(KeyCode.ENTER);
        robot.interact(() -> view(robot).requestFocus());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static Node view(FxRobot robot) {
        return robot.lookup("#sheet-of-stickers").query();
    }

    private Point2D on(GangPlace place) {
        return make().onScreen(new Point(place.xMm(), place.yMm()));
    }

    private static boolean says(FxRobot robot, String words) {
        return robot.lookup(".label").queryAllAs(Label.class).stream()
                .anyMatch(label -> label.isVisible() && label.getText().contains(words));
    }

    @Test
    void drawingsAndCopiesLieOnASheetThatIsKeptAsOneWorks(FxRobot robot) throws Exception {
        threeAndOne(robot);
        assertThat(view(robot).isVisible()).isTrue();
        assertThat(sheet().places()).extracting(GangPlace::drawing).containsOnly(1, 2).hasSize(4);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> sheet().places().size() == 2);
        robot.push(KeyCode.CONTROL, KeyCode.Y);
        until(() -> sheet().places().size() == 4);
        arranged();
        assertThat(workspace.job().title()).isEqualTo("boxes");
        Path file = own.resolve("sheet.svg");
        robot.interact(() -> make().writeSheet(file));
        until(() -> Files.exists(file));
        assertThat(Files.readString(file)).contains("id=\"cut\"", "210mm");
    }

    @Test
    void aStickerIsMovedByMouseAndStaysWhereItWasPut(FxRobot robot) throws Exception {
        threeAndOne(robot);
        GangPlace before = sheet().places().get(0);
        Point2D from = on(before);
        Point2D to = make().onScreen(new Point(105, 148));
        robot.moveTo(from).press(MouseButton.PRIMARY);
        robot.moveTo(from.midpoint(to)).moveTo(to).release(MouseButton.PRIMARY);
        until(() -> sheet().pinned() == 1);
        arranged();
        GangPlace after = sheet().places().stream().filter(GangPlace::pinned).findFirst().get();
        assertThat(after.xMm()).isEqualTo(105, within(1.0));
        assertThat(after.yMm()).isEqualTo(148, within(1.0));
        robot.interact(() -> desk().arrange());
        arranged();
        assertThat(sheet().places()).contains(after);
        robot.interact(() -> robot.lookup("#free-all").queryAs(Button.class).fire());
        until(() -> sheet().pinned() == 0);
    }

    @Test
    void keysAloneChooseMoveTurnAndPin(FxRobot robot) throws Exception {
        threeAndOne(robot);
        GangPlace before = sheet().places().get(0);
        robot.interact(() -> view(robot).requestFocus());
        robot.push(KeyCode.PERIOD).push(KeyCode.RIGHT).push(KeyCode.RIGHT).push(KeyCode.DOWN);
        robot.push(KeyCode.PAGE_DOWN);
        until(() -> sheet().places().get(0).turnDegrees() == before.turnDegrees() + 5);
        GangPlace after = sheet().places().get(0);
        assertThat(after.xMm()).isEqualTo(before.xMm() + 2, within(1e-9));
        assertThat(after.yMm()).isEqualTo(before.yMm() + 1, within(1e-9));
        assertThat(after.pinned()).isTrue();
        arranged();
        robot.push(KeyCode.K);
        until(() -> !sheet().places().get(0).pinned());
    }

    @Test
    void layoutIsSetAndKeptForOtherSheets(FxRobot robot) throws Exception {
        threeAndOne(robot);
        robot.push(KeyCode.DIGIT4);
        type(robot, "#header-height", "14");
        type(robot, "#sheet-title", "Boxes");
        type(robot, "#sheet-ground", "20 0 8 0");
        type(robot, "#sheet-number", "SK-1");
        type(robot, "#layout-name", "Box range");
        arranged();
        assertThat(sheet().layout().header().heightMm()).isEqualTo(14);
        assertThat(sheet().layout().ground().c()).isEqualTo(20);
        assertThat(sheet().title()).isEqualTo("Boxes");
        type(robot, "#sheet-ground", "red, please");
        assertThat(sheet().layout().ground().c()).isEqualTo(20);
        robot.interact(() -> robot.lookup("#keep-layout").queryAs(Button.class).fire());
        assertThat(workspace.folders().layouts().find("box range")).contains(sheet().layout());
        // A coloured ground wants its buffer.
        until(() -> says(robot, "on a coloured ground"));
        robot.push(KeyCode.N).push(KeyCode.ENTER);
        until(() -> sheet().layout().gapMm() == 5);
    }

    @Test
    void aDrawingThatIsGoneStopsTheSheetUntilItIsFound(FxRobot robot) throws Exception {
        threeAndOne(robot);
        Path moved = own.resolve("moved.png");
        Files.move(own.resolve("more.png"), moved);
        robot.interact(() -> desk().lookAgain());
        until(() -> says(robot, "more is not where it was"));
        Path file = own.resolve("none.pdf");
        robot.interact(() -> make().writeSheet(file));
        until(() -> message(robot).contains("is missing from it"));
        assertThat(file).doesNotExist();
        robot.interact(() -> make().findDrawing(2, moved));
        arranged();
        until(() -> says(robot, "Nothing stands against it") || !says(robot, "not where it was"));
        assertThat(sheet().places()).hasSize(4);
    }

    @Test
    void aSheetOpensWithoutADrawingOnTheTable(FxRobot robot) throws Exception {
        Path picture = Files.copy(boxes("alone.png", 300), own.resolve("alone.png"));
        Path file = own.resolve("alone.ntsheet");
        GangFile.save(file, GangSheet.EMPTY.with(picture));
        robot.interact(() -> workbench.files().open(file));
        arranged();
        assertThat(workspace.shownProperty().get()).isNull();
        assertThat(view(robot).isVisible()).isTrue();
        assertThat(sheet().places()).hasSize(1);
        // Another program writes the file meanwhile: both are kept.
        GangFile.save(file, GangSheet.EMPTY.withTitle("Theirs"));
        robot.interact(() -> desk().change("Title", one -> one.withTitle("Ours")));
        arranged();
        assertThat(GangFile.open(file).title()).isEqualTo("Theirs");
        assertThat(desk().fileProperty().get()).isEqualTo(own.resolve("alone 2.ntsheet"));
        robot.interact(
                () ->
                        workbench
                                .files()
                                .open(Files.exists(file) ? own.resolve("no.ntsheet") : file));
        until(() -> message(robot).contains("does not exist"));
        assertThat(sheet().title()).isEqualTo("Ours");
    }

    @Test
    void aSheetThatOpensOverAnotherIsArrangedToo(FxRobot robot) throws Exception {
        threeAndOne(robot);
        Path picture = Files.copy(boxes("second.png", 300), own.resolve("second.png"));
        Path file = own.resolve("second.ntsheet");
        GangFile.save(file, GangSheet.EMPTY.with(picture));
        robot.interact(() -> workbench.files().open(file));
        until(() -> desk().isSettled() && desk().knownProperty().get() != null);
        assertThat(desk().fileProperty().get()).isEqualTo(file);
        assertThat(sheet().places()).hasSize(1);
        assertThat(message(robot)).doesNotContain("Stopped");
    }
}
