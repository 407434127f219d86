package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neattrace.app.station.brief.BriefPanel;
import neattrace.app.station.press.PressPanel;
import neattrace.goods.GoodsKind;
import neattrace.press.PressProfile;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Two jobs in a row, and steps back: nothing of one is left in the next. */
class NextJobTest extends WindowTest {

    @Start
    void start(Stage stage) {
        show(stage);
    }

    private static int decisions(FxRobot robot) {
        return robot.lookup("#decisions").<ListView<?>>query().getItems().size();
    }

    private void proposed(FxRobot robot) throws Exception {
        robot.interact(() -> workbench.table().requestFocus());
        robot.push(KeyCode.J);
        until(() -> decisions(robot) > 0);
        settled();
    }

    @Test
    void theListOfDecisionsFollowsUndoAndRedo(FxRobot robot) throws Exception {
        open(robot, boxes("one.png", 300));
        robot.push(KeyCode.B);
        proposed(robot);
        robot.interact(() -> workspace.undo());
        settled();
        until(() -> decisions(robot) == 0);
        robot.interact(() -> workspace.redo());
        settled();
        until(() -> decisions(robot) > 0);
    }

    @Test
    void aRoughThatCannotBeReadIsForgotten(FxRobot robot) throws Exception {
        open(robot, boxes("one.png", 300));
        robot.push(KeyCode.B);
        Path broken = Files.writeString(folder.resolve("broken.png"), "no picture");
        robot.interact(() -> workbench.station(BriefPanel.class).propose(broken));
        until(() -> message(robot).contains("broken.png"));
        settled();
        proposed(robot);
        assertThat(decisions(robot)).isPositive();
    }

    @Test
    void theNextDrawingIsNotColouredByTheRoughOfTheLast(FxRobot robot) throws Exception {
        open(robot, boxes("one.png", 300));
        robot.push(KeyCode.B);
        Path rough = dabs("dabs.png");
        robot.interact(() -> workbench.station(BriefPanel.class).propose(rough));
        until(() -> workspace.job().fills().size() == 2);
        settled();
        robot.interact(() -> workspace.save(folder.resolve("one.ntjob"), () -> {}));
        settled();
        open(robot, boxes("two.png", 300));
        assertThat(decisions(robot)).isZero();
        proposed(robot);
        assertThat(workspace.job().fills()).isEmpty();
        assertThat(workspace.job().swatches()).isEmpty();
    }

    @Test
    void coloursOfTheNextDrawingAreNotBuiltForThePressOfTheLast(FxRobot robot) throws Exception {
        open(robot, boxes("one.png", 300));
        twoSwatches(robot);
        robot.push(KeyCode.P);
        settled();
        robot.interact(() -> robot.lookup("#step-black-traps").queryAs(ToggleButton.class).fire());
        byte[] bytes = PressProfile.bundled().bytes().clone();
        bytes[bytes.length - 1] ^= 1;
        Path own = Files.write(folder.resolve("own.icc"), bytes);
        robot.interact(() -> workbench.station(PressPanel.class).openProfile(own));
        until(() -> !drawing().job().press().profile().isBundled());
        settled();
        until(() -> robot.lookup("#profile-look").queryAs(Button.class).isVisible());
        open(robot, boxes("two.png", 300));
        twoSwatches(robot);
        until(() -> !robot.lookup("#profile-look").queryAs(Button.class).isVisible());
    }

    @Test
    void whatWasBegunOfAProofIsNotOfTheNextDrawing(FxRobot robot) throws Exception {
        open(robot, boxes("one.png", 300));
        robot.push(KeyCode.B);
        until(() -> robot.lookup("#step-log").tryQuery().isPresent());
        robot.interact(() -> robot.lookup("#step-log").queryAs(ToggleButton.class).fire());
        until(() -> robot.lookup("#proof-words").tryQuery().isPresent());
        set(robot, "#proof-words", "too dark");
        open(robot, boxes("two.png", 300));
        until(() -> robot.lookup("#proof-words").queryAs(TextField.class).getText().isEmpty());
    }

    /** Leaving at once is no reason to lose what keys have moved. */
    @Test
    void whatKeysMovedIsKeptWhenOneLeavesAtOnce(FxRobot robot) throws Exception {
        open(robot, boxes("goods.png", 300));
        robot.push(KeyCode.M).push(KeyCode.DIGIT6);
        robot.interact(
                () ->
                        robot.lookup("#make-a-" + GoodsKind.SHIRT.key())
                                .queryAs(Button.class)
                                .fire());
        settled();
        until(() -> robot.lookup("#goods-view").query().isVisible());
        double before = drawing().job().goods().wanted().get(0).making().cloth().belowMm();
        until(() -> workspace.insights().isWhole());
        robot.push(KeyCode.PERIOD);
        until(() -> robot.lookup("#foot-under").queryAs(Label.class).getText().startsWith("Print"));
        robot.push(KeyCode.CONTROL, KeyCode.DOWN).push(KeyCode.B);
        settled();
        double after = workspace.job().goods().wanted().get(0).making().cloth().belowMm();
        assertThat(after).isNotEqualTo(before);
    }
}
