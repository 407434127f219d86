package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import neattrace.app.station.make.MakePanel;
import neattrace.goods.GoodsKind;
import neattrace.goods.made.Grip;
import neattrace.goods.made.MadeGoods;
import neattrace.goods.making.TieChoice;
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

    private WantedGoods made(FxRobot robot) throws Exception {
        settled();
        until(() -> says(robot, " × "));
        return goods();
    }

    private void inHand(FxRobot robot, String words) throws Exception {
        until(() -> robot.lookup("#foot-under").queryAs(Label.class).getText().startsWith(words));
    }

    @Test
    void motifsAreLaidByKeysAlone(FxRobot robot) throws Exception {
        wish(robot, GoodsKind.MUG);
        made(robot);
        robot.push(KeyCode.PERIOD);
        inHand(robot, "Motif 1");
        robot.push(KeyCode.INSERT);
        settled();
        until(() -> goods().making().wrap().motifs().size() == 3);
        // The new one is in hand once it is there.
        inHand(robot, "Motif 3");
        double x = goods().making().wrap().motifs().get(2).xMm();
        robot.push(KeyCode.CONTROL, KeyCode.LEFT);
        until(() -> goods().making().wrap().motifs().get(2).xMm() < x - 9.9);
        robot.push(KeyCode.X).push(KeyCode.PAGE_DOWN);
        until(() -> goods().making().wrap().motifs().get(2).turnDegrees() == 15);
        assertThat(goods().making().wrap().motifs().get(2).mirrored()).isTrue();
        robot.push(KeyCode.DELETE);
        until(() -> goods().making().wrap().motifs().size() == 2);
        robot.push(KeyCode.ESCAPE);
        inHand(robot, "");
        for (int i = 0; i < 5; i++) {
            robot.interact(() -> workspace.undo());
        }
        settled();
        assertThat(goods().making().wrap().motifs()).isEmpty();
    }

    @Test
    void tiesAreRefusedAllowedDraggedAndPut(FxRobot robot) throws Exception {
        wish(robot, GoodsKind.CUT_STENCIL);
        made(robot);
        until(() -> says(robot, "one piece"));
        robot.push(KeyCode.PERIOD);
        inHand(robot, "Tie");
        robot.push(KeyCode.DELETE);
        until(() -> goods().making().stencil().ties().size() == 1);
        inHand(robot, "No tie here");
        robot.push(KeyCode.ENTER);
        until(() -> goods().making().stencil().ties().isEmpty());
        inHand(robot, "Tie");

        MakePanel panel = workbench.station(MakePanel.class);
        Grip tie = panel.goodsInHand().orElseThrow();
        robot.push(KeyCode.ESCAPE);
        inHand(robot, "");
        Point2D from = panel.goodsOnScreen(tie.page(), tie.at());
        robot.moveTo(from);
        inHand(robot, "Tie");
        robot.press(MouseButton.PRIMARY).moveTo(from.add(0, 12)).moveTo(from.add(0, 24));
        robot.release(MouseButton.PRIMARY);
        until(() -> goods().making().stencil().ties().size() == 2);
        assertThat(goods().making().stencil().ties()).filteredOn(TieChoice::wanted).hasSize(1);

        robot.interact(() -> workspace.undo());
        made(robot);
        robot.push(KeyCode.ESCAPE).push(KeyCode.INSERT).push(KeyCode.CONTROL, KeyCode.UP);
        robot.push(KeyCode.SPACE);
        until(() -> goods().making().stencil().ties().size() == 1);
        assertThat(goods().making().stencil().ties().get(0).wanted()).isTrue();
    }

    @Test
    void aPrintIsDraggedDownItsShirt(FxRobot robot) throws Exception {
        wish(robot, GoodsKind.SHIRT);
        made(robot);
        robot.push(KeyCode.PERIOD);
        inHand(robot, "Print");
        robot.push(KeyCode.CONTROL, KeyCode.DOWN).push(KeyCode.CONTROL, KeyCode.DOWN);
        until(() -> Math.abs(goods().making().cloth().belowMm() - 105) < 1e-6);
        inHand(robot, "Print");
        robot.push(KeyCode.PLUS);
        until(() -> goods().goods().sizing().widthMm() == 285);
    }

    @Test
    void linesOfATransferStencilBecomeBoldOrGo(FxRobot robot) throws Exception {
        wish(robot, GoodsKind.TRANSFER_STENCIL);
        made(robot);
        robot.push(KeyCode.COMMA);
        until(() -> workbench.station(MakePanel.class).goodsInHand().isPresent());
        robot.push(KeyCode.DELETE);
        until(() -> goods().making().transfer().dropped().size() == 1);
        until(() -> robot.lookup("#hand-remove").tryQuery().isPresent());
        robot.clickOn("#hand-remove");
        until(() -> goods().making().transfer().dropped().isEmpty());
    }
}
