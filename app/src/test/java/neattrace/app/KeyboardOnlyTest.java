package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neattrace.flat.Fill;
import neattrace.geom.Point;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.trace.InkEdit;
import neattrace.trace.PointEdit;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Every hand is begun, led and ended without a mouse. On two boxes, 40 x 25 mm. */
class KeyboardOnlyTest extends WindowTest {

    @Start
    void start(Stage stage) {
        show(stage);
    }

    private void at(FxRobot robot, KeyCode station, KeyCode step) throws Exception {
        open(robot, boxes("keys.png", 300));
        robot.push(station);
        if (step != null) {
            robot.push(step);
        }
    }

    /** Presses what has the focus, which here is given to it. */
    private void press(FxRobot robot, String id) {
        Node node = robot.lookup(id).query();
        assertThat(node.isFocusTraversable()).as(id + " is reached with Tab").isTrue();
        robot.interact(node::requestFocus);
        robot.push(KeyCode.SPACE);
    }

    /** Leads the cross to a place, mm, with arrows alone. */
    private void lead(FxRobot robot, double x, double y) {
        if (workbench.table().pointedAtProperty().get() == null) {
            robot.push(KeyCode.RIGHT);
        }
        // A slow machine may still be laying out the window: the cross goes with it, and on from
        // there.
        for (int go = 0; go < 3 && far(x, y) >= 0.8; go++) {
            WaitForAsyncUtils.waitForFxEvents();
            for (KeyCode modifier : new KeyCode[] {KeyCode.CONTROL, null}) {
                double step = modifier == null ? 1 : 10;
                Point from = workbench.table().pointedAtProperty().get();
                push(robot, modifier, KeyCode.RIGHT, KeyCode.LEFT, (x - from.x()) / step);
                push(robot, modifier, KeyCode.DOWN, KeyCode.UP, (y - from.y()) / step);
            }
        }
        assertThat(far(x, y)).isLessThan(0.8);
    }

    private double far(double x, double y) {
        return workbench.table().pointedAtProperty().get().distance(new Point(x, y));
    }

    private static void push(
            FxRobot robot, KeyCode modifier, KeyCode more, KeyCode less, double steps) {
        for (long k = Math.abs(Math.round(steps)); k > 0; k--) {
            KeyCode key = steps > 0 ? more : less;
            if (modifier == null) {
                robot.push(key);
            } else {
                robot.push(modifier, key);
            }
        }
    }

    /** From one place to others with what is in hand. */
    private void draw(FxRobot robot, double... xy) {
        lead(robot, xy[0], xy[1]);
        robot.push(KeyCode.SPACE);
        for (int i = 2; i < xy.length; i += 2) {
            lead(robot, xy[i], xy[i + 1]);
        }
        robot.push(KeyCode.SPACE);
    }

    private void pick(FxRobot robot, double x, double y) throws Exception {
        lead(robot, x, y);
        robot.push(KeyCode.SPACE);
        settled();
    }

    @Test
    void theCrossMovesByAPixelAMillimetreAndTen(FxRobot robot) throws Exception {
        at(robot, KeyCode.S, null);
        robot.interact(() -> workbench.table().requestFocus());
        robot.push(KeyCode.RIGHT);
        Point one = workbench.table().pointedAtProperty().get();
        robot.push(KeyCode.SHIFT, KeyCode.RIGHT);
        Point px = workbench.table().pointedAtProperty().get();
        assertThat(px.x() - one.x()).isCloseTo(25.4 / 300, within(1e-9));
        robot.push(KeyCode.CONTROL, KeyCode.DOWN);
        Point far = workbench.table().pointedAtProperty().get();
        assertThat(far.y() - px.y()).isCloseTo(10, within(1e-9));
        robot.push(KeyCode.O);
        robot.push(KeyCode.RIGHT);
        assertThat(workbench.table().pointedAtProperty().get().x())
                .as("right is right, turned over or not")
                .isCloseTo(far.x() - 1, within(1e-9));
    }

    @Test
    void theCrossStaysInSight(FxRobot robot) throws Exception {
        at(robot, KeyCode.S, null);
        robot.interact(() -> workbench.table().requestFocus());
        for (int k = 0; k < 6; k++) {
            robot.push(KeyCode.PLUS);
        }
        for (int k = 0; k < 3; k++) {
            robot.push(KeyCode.CONTROL, KeyCode.LEFT);
        }
        Point at = workbench.table().pointedAtProperty().get();
        double[] seen = workbench.table().inSight();
        assertThat(at.x()).isBetween(seen[0], seen[2]);
        assertThat(at.y()).isBetween(seen[1], seen[3]);
    }

    @Test
    void cropping(FxRobot robot) throws Exception {
        at(robot, KeyCode.S, KeyCode.DIGIT1);
        press(robot, "#crop-by-hand");
        draw(robot, 2, 2, 38, 23);
        settled();
        Crop crop = workspace.job().recipe().frame().crop().orElseThrow();
        assertThat(crop.width()).isCloseTo(36 * 300 / 25.4, within(14.0));
        assertThat(workbench.table().handProperty().get()).isNull();
    }

    @Test
    void maskingWithABoxAPolygonAndABrush(FxRobot robot) throws Exception {
        at(robot, KeyCode.S, KeyCode.DIGIT2);
        press(robot, "#mask-box");
        draw(robot, 6, 6, 9, 9);
        settled();
        press(robot, "#mask-polygon");
        pick(robot, 22, 6);
        pick(robot, 26, 6);
        pick(robot, 24, 10);
        robot.push(KeyCode.ENTER);
        settled();
        press(robot, "#mask-brush");
        draw(robot, 8, 15, 12, 15);
        robot.push(KeyCode.ENTER);
        settled();
        assertThat(workspace.job().recipe().masks()).hasSize(3);
    }

    @Test
    void aPatch(FxRobot robot) throws Exception {
        at(robot, KeyCode.S, KeyCode.DIGIT6);
        press(robot, "#patch-box");
        draw(robot, 6, 6, 12, 12);
        settled();
        assertThat(workspace.job().recipe().decision().patches()).hasSize(1);
    }

    @Test
    void mendingALineAndMovingItsPoints(FxRobot robot) throws Exception {
        at(robot, KeyCode.L, KeyCode.DIGIT1);
        press(robot, "#mend-join");
        draw(robot, 20, 12, 20, 13);
        settled();
        assertThat(workspace.job().line().edits())
                .extracting(InkEdit::what)
                .containsExactly("Ends joined");
        robot.push(KeyCode.ESCAPE).push(KeyCode.DIGIT4);
        press(robot, "#points-move");
        lead(robot, 12, 4);
        robot.push(KeyCode.INSERT);
        settled();
        assertThat(workspace.job().line().points()).hasSize(1);
        robot.push(KeyCode.SPACE);
        robot.push(KeyCode.SHIFT, KeyCode.DOWN).push(KeyCode.SHIFT, KeyCode.DOWN);
        robot.push(KeyCode.SHIFT, KeyCode.DOWN).push(KeyCode.SHIFT, KeyCode.DOWN);
        robot.push(KeyCode.SPACE);
        settled();
        assertThat(workspace.job().line().points()).hasSize(2);
        assertThat(workspace.job().line().points().get(1)).isInstanceOf(PointEdit.Move.class);
        robot.push(KeyCode.ENTER);
        assertThat(workbench.table().handProperty().get()).isNull();
    }

    @Test
    void theKnife(FxRobot robot) throws Exception {
        at(robot, KeyCode.C, KeyCode.DIGIT2);
        press(robot, "#knife-cut");
        draw(robot, 12, 4, 12, 9, 12, 15, 12, 21);
        settled();
        assertThat(drawing().areas().enclosed()).hasSize(3);
    }

    @Test
    void sweepingAGroupAndTakingAColourOffTheDrawing(FxRobot robot) throws Exception {
        at(robot, KeyCode.F, null);
        twoSwatches(robot);
        robot.push(KeyCode.DIGIT1);
        press(robot, "#sweep");
        draw(robot, 10, 10, 15, 10, 25, 10);
        settled();
        assertThat(drawing().attachment().swatchOf().values()).containsExactlyInAnyOrder(1, 1);
        robot.push(KeyCode.ESCAPE).push(KeyCode.DIGIT2);
        press(robot, "#take-up");
        pick(robot, 10, 10);
        assertThat(message(robot)).isEqualTo("In hand: Red");
        robot.push(KeyCode.ESCAPE);
        press(robot, "#step-groups");
        robot.interact(() -> robot.lookup("#group-name").query().requestFocus());
        robot.write("both").push(KeyCode.ENTER);
        draw(robot, 10, 10, 25, 10);
        settled();
        assertThat(workspace.job().groups()).hasSize(1);
        assertThat(workspace.job().groups().get(0).anchors()).hasSize(2);
    }

    @Test
    void aHighlight(FxRobot robot) throws Exception {
        at(robot, KeyCode.F, null);
        twoSwatches(robot);
        robot.interact(
                () ->
                        workspace.change(
                                "Fill",
                                job -> job.withFills(List.of(new Fill(new Point(10, 10), 1)))));
        settled();
        press(robot, "#step-form");
        press(robot, "#form-highlight");
        draw(robot, 8, 8, 12, 8, 12, 12, 8, 12);
        settled();
        assertThat(workspace.job().flat().forms()).hasSize(1);
    }
}
