package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neattrace.app.station.Reply;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.flat.Fill;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.press.Cmyk;
import neattrace.region.Gap;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The Close station in a real window: two boxes with a door of 0.7 mm between them. */
class CloseStationTest extends WindowTest {

    @Start
    void start(Stage stage) {
        show(stage);
    }

    private void open(FxRobot robot, int step) throws Exception {
        open(robot, boxes("close.png", 300));
        robot.push(KeyCode.C);
        if (step > 1) {
            robot.push(KeyCode.getKeyCode(String.valueOf(step)));
        }
    }

    private Reply reply() {
        return workbench.station().reply(workspace.shownProperty().get()).orElseThrow();
    }

    private List<Finding> findings() {
        return findings("close");
    }

    /** The door between the boxes, closed by itself. */
    private Finding gap() {
        return findings().stream()
                .filter(f -> f.title().startsWith("A gap of"))
                .findFirst()
                .orElseThrow();
    }

    private void fire(FxRobot robot, String button) throws Exception {
        robot.interact(() -> robot.lookup(button).queryAs(Button.class).fire());
        settled();
    }

    private int areas() {
        return drawing().areas().enclosed().size();
    }

    @Test
    void theKnifeCutsAnAreaAndBothPartsKeepItsColour(FxRobot robot) throws Exception {
        open(robot, 2);
        robot.interact(
                () ->
                        workspace.change(
                                "Colour",
                                job ->
                                        job.withSwatch(new Swatch(1, "Red", new Cmyk(0, 90, 80, 0)))
                                                .withFills(List.of(new Fill(new Point(8, 8), 1)))));
        settled();
        robot.clickOn("#knife-cut");
        drag(robot, 12, 4, 12.4, 9, 12, 15, 12.2, 20.9);
        settled();
        assertThat(areas()).isEqualTo(3);
        assertThat(drawing().attachment().swatchOf()).hasSize(2);
        assertThat(drawing().attachment().lost()).isEmpty();
        assertThat(findings()).extracting(Finding::title).noneMatch(t -> t.contains("cut"));
        assertThat(findings("flats"))
                .extracting(Finding::title)
                .contains("Red lies on both sides of a cut");
        robot.push(KeyCode.ESCAPE);
        fire(robot, "#remove-0");
        assertThat(areas()).isEqualTo(2);
    }

    @Test
    void aCutThatStopsShortSaysSoAndIsRunOnWhenAsked(FxRobot robot) throws Exception {
        open(robot, 2);
        robot.clickOn("#knife-cut");
        drag(robot, 12, 4, 12, 9, 12, 13, 12, 15);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(areas()).isEqualTo(2);
        assertThat(message(robot)).contains("stops").contains("mm short");
        Reply reply = reply();
        assertThat(reply.title()).startsWith("The cut stops 5.");
        robot.push(KeyCode.ESCAPE);
        robot.interact(() -> reply.choices().get(0).action().run());
        settled();
        assertThat(areas()).isEqualTo(3);
        assertThat(workbench.station().reply(workspace.shownProperty().get())).isEmpty();
    }

    @Test
    void aCutThatPartsNothingIsAFinding(FxRobot robot) throws Exception {
        open(robot, 2);
        robot.clickOn("#knife-cut");
        // From the box out to the sheet's edge, across the paper round the drawing.
        drag(robot, 36, 12, 38, 12, 39.9, 12);
        settled();
        assertThat(workspace.job().close().cuts()).hasSize(1);
        assertThat(findings().get(0).title()).isEqualTo("A cut parts nothing");
        robot.push(KeyCode.ESCAPE);
        robot.push(KeyCode.N).push(KeyCode.ENTER);
        settled();
        assertThat(workspace.job().close().cuts()).isEmpty();
    }

    @Test
    void aClickShowsWhereColourWouldRunAndTheAnswerActs(FxRobot robot) throws Exception {
        open(robot, 1);
        click(robot, 10, 8);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(message(robot)).startsWith("Held: only a closed gap of 0.");
        assertThat(reply().title()).isEqualTo("From there colour is held");
        assertThat(reply().mark().way()).hasSizeGreaterThan(5);
        robot.interact(() -> reply().choices().get(0).action().run());
        settled();
        assertThat(areas()).isEqualTo(1);
        click(robot, 2, 2);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(message(robot)).contains("paper round the drawing");
    }

    @Test
    void aLineMeantOpenIsLeftAloneAtEveryWidthUntilItIsTakenBack(FxRobot robot) throws Exception {
        open(robot, 4);
        assertThat(areas()).isEqualTo(2);
        Finding gap = gap();
        robot.clickOn("#open-line");
        // On the wall that stops short at the door.
        click(robot, 20, 6);
        settled();
        assertThat(workspace.job().close().openLines()).isNotEmpty();
        assertThat(areas()).isEqualTo(1);
        robot.interact(
                () -> workspace.change("Width", job -> job.withClose(job.close().withGapMm(3))));
        settled();
        assertThat(areas()).isEqualTo(1);
        assertThat(findings()).extracting(Finding::title).doesNotContain(gap.title());
        robot.push(KeyCode.ESCAPE);
        fire(robot, "#remove-0");
        assertThat(areas()).isEqualTo(2);
    }

    @Test
    void theFindingMarksTheLineItself(FxRobot robot) throws Exception {
        open(robot, 1);
        Finding gap = gap();
        assertThat(gap.answers()).extracting(Answer::label).contains("Its line is meant");
        answer(robot, gap, "line-meant");
        assertThat(workspace.job().close().openLines()).isNotEmpty();
        assertThat(areas()).isEqualTo(1);
    }

    @Test
    void aGapIsMendedInInk(FxRobot robot) throws Exception {
        open(robot, 1);
        fire(robot, "#mending-way");
        settled();
        Finding gap = gap();
        assertThat(gap.answers().get(0).label()).isEqualTo("Draw it in ink");
        answer(robot, gap, "close");
        assertThat(workspace.job().line().edits()).hasSize(1);
        assertThat(drawing().areas().gaps()).isEmpty();
        assertThat(areas()).isEqualTo(2);
        assertThat(drawing().inkAt(new Point(20, 12.35))).isTrue();
    }

    @Test
    void theWidthIsTheDrawingsOwnUntilItIsSet(FxRobot robot) throws Exception {
        open(robot, 1);
        assertThat(workspace.job().close().isAutomatic()).isTrue();
        set(robot, "#gap-width", "0.4");
        assertThat(areas()).isEqualTo(1);
        assertThat(drawing().areas().gaps()).extracting(Gap::closed).containsExactly(false);
        fire(robot, "#gap-suggested");
        assertThat(areas()).isEqualTo(2);
    }

    @Test
    void aFrameMakesThePaperRoundTheDrawingAnArea(FxRobot robot) throws Exception {
        open(robot, 3);
        fire(robot, "#frame-use");
        assertThat(workspace.job().close().isFramed()).isTrue();
        assertThat(areas()).isEqualTo(3);
        set(robot, "#frame-inset", "1");
        assertThat(workspace.job().close().frameMm()).isEqualTo(1);
        assertThat(workspace.shownProperty().get().art().trimMm()).isEqualTo(1);
        assertThat(areas()).isEqualTo(3);
    }
}
