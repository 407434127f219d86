package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neattrace.app.station.make.MakePanel;
import neattrace.goods.GoodsKind;
import neattrace.goods.made.MadeGoods;
import neattrace.job.WantedGoods;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Pages, stencils, shirts and mugs at Make in a real window. */
class OtherGoodsTest extends WindowTest {

    @Start
    void start(Stage stage) {
        show(stage);
    }

    private void wish(FxRobot robot, GoodsKind kind) throws Exception {
        open(robot, boxes("goods.png", 300));
        robot.push(KeyCode.M).push(KeyCode.DIGIT6);
        robot.interact(() -> robot.lookup("#make-a-" + kind.key()).queryAs(Button.class).fire());
        settled();
        until(() -> robot.lookup("#goods-view").query().isVisible());
    }

    private static boolean says(FxRobot robot, String words) {
        return robot.lookup(".label").queryAllAs(Label.class).stream()
                .anyMatch(label -> label.isVisible() && label.getText().contains(words));
    }

    private WantedGoods goods() {
        return drawing().job().goods().main().orElseThrow();
    }

    @Test
    void eachIsShownMeasuredAndWritten(FxRobot robot) throws Exception {
        open(robot, boxes("goods.png", 300));
        robot.push(KeyCode.M).push(KeyCode.DIGIT6);
        for (GoodsKind kind : GoodsKind.values()) {
            if (!MadeGoods.makes(kind)) {
                continue;
            }
            String offer = "#make-a-" + kind.key();
            until(() -> robot.lookup(offer).tryQuery().isPresent());
            robot.interact(() -> robot.lookup(offer).queryAs(Button.class).fire());
            settled();
            until(() -> says(robot, " × "));
            Path file = folder.resolve(kind.key() + ".pdf");
            robot.interact(() -> workbench.station(MakePanel.class).writeGoods(file));
            until(() -> Files.exists(file));
            assertThat(Files.size(file)).isGreaterThan(500);
            robot.interact(() -> workspace.undo());
            settled();
        }
    }

    @Test
    void whatIsSetIsKeptInTheJobAndCanBeUndone(FxRobot robot) throws Exception {
        wish(robot, GoodsKind.CUT_STENCIL);
        until(() -> says(robot, "one piece"));
        int id = goods().id();
        set(robot, "#goods-made-tie-" + id, "3");
        robot.interact(() -> workbench.table().requestFocus());
        settled();
        assertThat(goods().making().stencil().tieMm()).isEqualTo(3);
        until(() -> says(robot, "one piece"));
        robot.interact(() -> workspace.undo());
        settled();
        assertThat(goods().making().stencil().tieMm()).isEqualTo(2.5);
    }

    @Test
    void theViewGoesWithItsStep(FxRobot robot) throws Exception {
        wish(robot, GoodsKind.MUG);
        Node view = robot.lookup("#goods-view").query();
        robot.push(KeyCode.DIGIT5);
        until(() -> !view.isVisible());
        robot.push(KeyCode.DIGIT6);
        until(view::isVisible);
        robot.push(KeyCode.B);
        until(() -> !view.isVisible());
    }

    @Test
    void fromTheWallTheirStepOpens(FxRobot robot) throws Exception {
        wish(robot, GoodsKind.COLOURING_PAGE);
        robot.push(KeyCode.DIGIT5).push(KeyCode.Y);
        Node wall = robot.lookup("#goods-wall").query();
        until(wall::isVisible);
        robot.push(KeyCode.RIGHT).push(KeyCode.ENTER);
        until(() -> !wall.isVisible());
        until(() -> robot.lookup("#goods-view").query().isVisible());
    }
}
