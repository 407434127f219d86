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
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import neattrace.app.station.make.MakePanel;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.cut.Pull;
import neattrace.goods.cut.StickerRecipe;
import neattrace.job.WantedGoods;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The Make station in a real window: two boxes become a sticker. */
class MakeStationTest extends WindowTest {

    @Start
    void start(Stage stage) {
        show(stage);
    }

    private void sticker(FxRobot robot) throws Exception {
        open(robot, boxes("make.png", 300));
        robot.push(KeyCode.M);
        robot.interact(() -> robot.lookup("#make-a-sticker").queryAs(Button.class).fire());
        settled();
        until(() -> thing(robot).isVisible());
        until(() -> says(robot, "curves"));
    }

    private static Node thing(FxRobot robot) {
        return robot.lookup("#thing").query();
    }

    private static boolean says(FxRobot robot, String words) {
        return robot.lookup(".label").queryAllAs(Label.class).stream()
                .anyMatch(label -> label.isVisible() && label.getText().contains(words));
    }

    private static String took(FxRobot robot) {
        return robot.lookup(".label").queryAllAs(Label.class).stream()
                .map(Label::getText)
                .filter(text -> text.startsWith("It takes"))
                .findFirst()
                .orElse("");
    }

    private WantedGoods goods() {
        return drawing().job().goods().main().orElseThrow();
    }

    /** Types a value and goes back to the table, where keys open steps. */
    private void type(FxRobot robot, String field, String value) throws Exception {
        set(robot, field, value);
        robot.interact(() -> workbench.table().requestFocus());
        settled();
    }

    @Test
    void aDrawingBecomesAStickerWhoseValuesAreKeptInTheJob(FxRobot robot) throws Exception {
        sticker(robot);
        int id = goods().id();
        type(robot, "#goods-radius-" + id, "2");
        assertThat(goods().sticker().cut().radiusMm()).isEqualTo(2);
        type(robot, "#goods-backing-" + id, "0");
        assertThat(goods().sticker().backingMm()).isZero();
        robot.push(KeyCode.B);
        until(() -> !thing(robot).isVisible());
        robot.push(KeyCode.M);
        until(() -> thing(robot).isVisible());
    }

    @Test
    void theCutLineIsPulledByMouseAndStaysUntilUndone(FxRobot robot) throws Exception {
        sticker(robot);
        // The boxes are centred: the cut runs along the middle of the left side.
        Point2D left = leftOfCut(robot);
        robot.moveTo(left)
                .press(MouseButton.PRIMARY)
                .moveTo(left.add(-15, 0))
                .moveTo(left.add(-30, 0))
                .release(MouseButton.PRIMARY);
        settled();
        until(() -> !goods().sticker().pulls().isEmpty());
        Pull pull = goods().sticker().pulls().get(0);
        assertThat(pull.to().x()).isLessThan(pull.from().x() - 0.5);
        assertThat(pull.to().y()).isEqualTo(pull.from().y(), within(0.5));
        robot.interact(() -> robot.lookup("#let-go").queryAs(Button.class).fire());
        settled();
        assertThat(goods().sticker()).isEqualTo(StickerRecipe.USUAL);
    }

    @Test
    void theCutLineIsPulledByKeysAlone(FxRobot robot) throws Exception {
        sticker(robot);
        robot.interact(() -> thing(robot).requestFocus());
        robot.push(KeyCode.PERIOD).push(KeyCode.PERIOD);
        robot.push(KeyCode.CONTROL, KeyCode.UP);
        robot.push(KeyCode.CONTROL, KeyCode.UP);
        until(() -> !goods().sticker().pulls().isEmpty());
        settled();
        Pull pull = goods().sticker().pulls().get(0);
        double factor = 60.0 / drawing().extent().widthMm();
        assertThat(pull.from().y() - pull.to().y()).isCloseTo(4 / factor, within(1.0));
        assertThat(pull.to().x()).isEqualTo(pull.from().x(), within(1e-9));
    }

    /** Two bars would lie on each other. */
    @Test
    void theBarIsThereOnlyWhereSomethingLiesOverTheTable(FxRobot robot) throws Exception {
        sticker(robot);
        Node bleed = robot.lookup("#show-bleed").query();
        assertThat(bleed.getParent().isVisible()).isTrue();
        robot.push(KeyCode.DIGIT3);
        until(() -> !thing(robot).isVisible());
        assertThat(bleed.getParent().isVisible()).isFalse();
    }

    @Test
    void allGoodsAreSeenSideBySideAndOneLarge(FxRobot robot) throws Exception {
        sticker(robot);
        robot.interact(
                () ->
                        workspace.change(
                                "Shirt",
                                job ->
                                        job.withGoods(
                                                job.goods()
                                                        .with(UsualGoods.of(GoodsKind.SHIRT))
                                                        .with(UsualGoods.of(GoodsKind.STICKER)))));
        settled();
        robot.push(KeyCode.Y);
        Node wall = robot.lookup("#goods-wall").query();
        until(wall::isVisible);
        robot.push(KeyCode.RIGHT).push(KeyCode.RIGHT).push(KeyCode.RIGHT).push(KeyCode.ENTER);
        until(() -> !wall.isVisible());
        // It is the second sticker that is set now.
        int third = workspace.job().goods().wanted().get(2).id();
        until(() -> robot.lookup("#goods-radius-" + third).tryQuery().isPresent());
        robot.push(KeyCode.Y);
        until(wall::isVisible);
        robot.push(KeyCode.ESCAPE);
        until(() -> !wall.isVisible() && thing(robot).isVisible());
    }

    /** Where the cut crosses the middle of the view's height, on the screen. */
    private Point2D leftOfCut(FxRobot robot) {
        Node thing = thing(robot);
        double width = thing.getBoundsInLocal().getWidth();
        double height = thing.getBoundsInLocal().getHeight();
        // 60 mm across the cut, 3 mm of backing and 1 mm of air on both sides, 28 px aside, and 48
        // px below for the keys.
        double scale = (width - 56) / 68;
        double x = width / 2 - 30 * scale;
        return thing.localToScreen(x, (height - 48) / 2);
    }

    @Test
    void itIsWrittenAsItStands(FxRobot robot) throws Exception {
        sticker(robot);
        Path file = folder.resolve("boxes.svg");
        robot.interact(() -> workbench.station(MakePanel.class).writeSticker(file));
        until(() -> Files.exists(file));
        assertThat(Files.readString(file)).contains("id=\"cut\"", "id=\"bleed\"");
    }

    @Test
    void theStandInTellsHowMuchDriftIsBorne(FxRobot robot) throws Exception {
        sticker(robot);
        robot.push(KeyCode.DIGIT2);
        until(() -> says(robot, "Bare vinyl shows from"));
        assertThat(says(robot, "It takes")).isTrue();
        String before = took(robot);
        type(robot, "#blade-speed", "30");
        until(() -> !took(robot).equals(before));
        int id = goods().id();
        robot.push(KeyCode.DIGIT1);
        type(robot, "#goods-bleed-" + id, "0.2");
        robot.push(KeyCode.DIGIT2);
        until(() -> says(robot, "less than blades drift in practice"));
        robot.push(KeyCode.DIGIT5);
        until(() -> !thing(robot).isVisible());
        assertThat(List.of("#out-ppi", "#out-format"))
                .allMatch(id2 -> robot.lookup(id2).tryQuery().isPresent());
    }
}
