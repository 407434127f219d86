package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neattrace.app.station.handover.HandOverPanel;
import neattrace.export.FileFormat;
import neattrace.finding.Severity;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.job.Job;
import neattrace.job.Reference;
import neattrace.job.change.Owed;
import neattrace.proposal.Decision;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What a drawing is for, said in the window. */
class BriefStationTest extends WindowTest {

    @Start
    void start(Stage stage) {
        show(stage);
    }

    private void open(FxRobot robot) throws Exception {
        open(robot, boxes("brief.png", 300));
        twoSwatches(robot);
        robot.push(KeyCode.B);
    }

    private void add(FxRobot robot, String name) throws Exception {
        robot.interact(
                () ->
                        robot.lookup("#add-goods").queryAs(MenuButton.class).getItems().stream()
                                .filter(item -> name.equals(item.getText()))
                                .findFirst()
                                .orElseThrow()
                                .fire());
        settled();
    }

    private Goods goods(int index) {
        return workspace.job().goods().wanted().get(index).goods();
    }

    private static void type(FxRobot robot, String id, String text) {
        robot.interact(
                () -> {
                    TextField field = robot.lookup(id).queryAs(TextField.class);
                    field.setText(text);
                    field.getOnAction().handle(null);
                });
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void goodsAreChosenSizedAndShownAsTheyWillBe(FxRobot robot) throws Exception {
        open(robot);
        assertThat(robot.lookup("#goods-cards").<Node>query().isVisible()).isFalse();
        add(robot, "Sticker");
        assertThat(robot.lookup("#goods-cards").<Node>query().isVisible()).isTrue();
        type(robot, "#goods-width-1", "45");
        settled();
        assertThat(goods(0).words()).isEqualTo("45 mm sticker");
        type(robot, "#goods-size-1", "2 in");
        settled();
        assertThat(goods(0).sizing().widthMm()).isEqualTo(50.8);
        add(robot, "Colouring page");
        assertThat(goods(1).kind()).isEqualTo(GoodsKind.COLOURING_PAGE);
        assertThat(robot.lookup("#goods-card-1").<Button>query().getAccessibleText())
                .startsWith("Sticker")
                .contains("times the scan");
        type(robot, "#goods-size-2", "five feet");
        assertThat(message(robot)).contains("no length");
        assertThat(goods(1).size()).isEqualTo("8 × 10 in");
    }

    @Test
    void byKeysAloneOneGoesFromGoodsToGoods(FxRobot robot) throws Exception {
        open(robot);
        add(robot, "Sticker");
        add(robot, "Mug");
        robot.interact(() -> workbench.table().requestFocus());
        robot.push(KeyCode.LEFT);
        fire(robot, "#main-goods");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settled();
        assertThat(workspace.job().goods().wanted()).hasSize(1);
        robot.push(KeyCode.CONTROL, KeyCode.Y);
        settled();
        assertThat(workspace.job().goods().wanted()).hasSize(2);
        fire(robot, "#remove-goods");
        assertThat(workspace.job().goods().wanted()).hasSize(1);
        robot.push(KeyCode.S);
        assertThat(robot.lookup("#goods-cards").<Node>query().isVisible()).isFalse();
    }

    private void fire(FxRobot robot, String id) throws Exception {
        robot.interact(() -> robot.lookup(id).queryAs(Button.class).fire());
        settled();
    }

    @Test
    void aReferenceThatIsNotClearedStopsWhatIsSold(FxRobot robot) throws Exception {
        open(robot);
        add(robot, "Sticker");
        robot.push(KeyCode.DIGIT4);
        type(robot, "#reference-what", "postcard");
        settled();
        assertThat(workspace.job().brief().references().get(0).use()).isEqualTo(Reference.Use.OWN);
        fire(robot, "#remove-0");
        for (int k = 0; k < 3; k++) {
            fire(robot, "#reference-use");
        }
        type(robot, "#reference-what", "postcard");
        settled();
        until(
                () ->
                        findings("brief").stream()
                                .anyMatch(
                                        one ->
                                                one.kind().severity() == Severity.STOP
                                                        && one.title().contains("postcard")));
        robot.push(KeyCode.DIGIT1);
        fire(robot, "#goods-sale-1");
        until(() -> findings("brief").stream().noneMatch(one -> one.title().contains("postcard")));
    }

    @Test
    void aFileThatIsWrittenIsNoLongerOwedUntilTheDrawingChanges(FxRobot robot) throws Exception {
        open(robot);
        add(robot, "Sticker");
        robot.push(KeyCode.DIGIT5);
        assertThat(robot.lookup("#step-owed").<Node>query().getAccessibleText())
                .isEqualTo("Owed, 2 owed");
        Path pdf = folder.resolve("sticker.pdf");
        robot.interact(() -> workbench.station(HandOverPanel.class).write(FileFormat.PDF, pdf));
        until(() -> Owed.of(workspace.job()).stream().anyMatch(Owed::current));
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getPage(0).getMediaBox().getWidth())
                    .as("60 mm in points")
                    .isCloseTo((float) (60 / 25.4 * 72), within(0.05f));
        }
        settled();
        assertThat(robot.lookup("#step-owed").<Node>query().getAccessibleText())
                .isEqualTo("Owed, 1 owed");
        assertThat(workspace.historyProperty().get().undoable()).contains("For 60 mm sticker");
        robot.interact(
                () ->
                        workspace.change(
                                "Finer", job -> job.withLine(job.line().withMaxErrorPx(0.3))));
        settled();
        assertThat(robot.lookup("#step-owed").<Node>query().getAccessibleText())
                .isEqualTo("Owed, 2 owed");
    }

    @Test
    void theOrderIsToldInWordsAndAWrongDayIsSaid(FxRobot robot) throws Exception {
        open(robot);
        robot.push(KeyCode.DIGIT3);
        type(robot, "#job-title", "Gull");
        settled();
        type(robot, "#job-client", "Skerry Mail shop");
        settled();
        type(robot, "#job-due", "soon");
        assertThat(message(robot)).contains("no day");
        type(robot, "#job-due", "29 February 2096");
        settled();
        Job job = workspace.job();
        assertThat(job.title()).isEqualTo("Gull");
        assertThat(job.brief().client()).isEqualTo("Skerry Mail shop");
        assertThat(job.brief().due().orElseThrow()).hasToString("2096-02-29");
        type(robot, "#job-title", "");
        assertThat(workspace.job().title()).isEqualTo("Gull");
    }

    @Test
    void goodsAreKeptUnderANameAndOfferedAgain(FxRobot robot) throws Exception {
        open(robot);
        add(robot, "Sticker");
        robot.push(KeyCode.DIGIT2);
        type(robot, "#goods-line-1", "0.4");
        settled();
        type(robot, "#goods-name", "My vinyl");
        until(() -> goods(0).name().equals("My vinyl"));
        settled();
        robot.push(KeyCode.DIGIT1);
        robot.interact(
                () ->
                        robot.lookup("#add-goods")
                                .queryAs(MenuButton.class)
                                .getOnShowing()
                                .handle(null));
        add(robot, "My vinyl (sticker)");
        assertThat(goods(1).detail().lineMm()).isEqualTo(0.4);
        assertThat(robot.lookup(".goods-name").<Label>queryAll())
                .extracting(Label::getText)
                .contains("My vinyl");
    }

    @Test
    void whatIsLeftIsLaidBackwardsFromTheDayPromised(FxRobot robot) throws Exception {
        open(robot);
        add(robot, "Sticker");
        robot.push(KeyCode.DIGIT7);
        assertThat(robot.lookup("#plan-strip").<Node>query().isVisible()).isFalse();
        robot.interact(
                () ->
                        workspace.change(
                                "Due",
                                job ->
                                        job.withBrief(
                                                job.brief()
                                                        .withDue(
                                                                Optional.of(
                                                                        LocalDate.of(
                                                                                2096, 3, 1))))));
        settled();
        assertThat(robot.lookup("#plan-strip").<Node>query().isVisible()).isTrue();
        assertThat(robot.lookup("#plan-strip").<Node>query().getAccessibleText())
                .contains("2096-02-29");
        type(robot, "#announce-days", "10");
        settled();
        assertThat(workspace.job().brief().announceDays()).isEqualTo(10);
        assertThat(robot.lookup("#plan-strip").<Node>query().getAccessibleText())
                .as("ready on the 19th, which is a Sunday")
                .contains("2096-02-17", "2096-03-01");
        type(robot, "#hours-a-day", "0");
        until(
                () ->
                        robot.lookup("#plan-strip")
                                .<Node>query()
                                .getAccessibleText()
                                .equals("No work is left"));
    }

    @Test
    void aProposalIsMadeToldAndTakenBackPieceByPiece(FxRobot robot) throws Exception {
        open(robot);
        add(robot, "Sticker");
        type(robot, "#goods-width-1", "12");
        settled();
        Job before = workspace.job();
        robot.interact(() -> workbench.table().requestFocus());
        robot.push(KeyCode.J);
        until(() -> !robot.lookup("#decisions").<ListView<?>>query().getItems().isEmpty());
        settled();
        ListView<Decision> list = robot.lookup("#decisions").query();
        assertThat(list.getItems().get(0).kind()).isEqualTo("not-coloured");
        Decision mended =
                list.getItems().stream()
                        .filter(one -> one.station().equals("line") && one.done().isPresent())
                        .findFirst()
                        .orElseThrow();
        robot.interact(() -> list.getSelectionModel().select(mended));
        fire(robot, "#decision-back");
        until(
                () ->
                        list.getItems().stream()
                                .anyMatch(
                                        one ->
                                                one.id().equals(mended.id())
                                                        && one.done().isEmpty()));
        settled();
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settled();
        assertThat(workspace.job()).isEqualTo(before);
    }
}
