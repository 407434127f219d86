package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
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
import neattrace.job.Source;
import neattrace.job.change.Owed;
import neattrace.job.file.JobFile;
import neattrace.job.log.Proof;
import neattrace.job.log.Tools;
import neattrace.job.log.WorkStage;
import neattrace.plan.WorkHabits;
import neattrace.proposal.Decision;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
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
    void linesStayAsWideAsDrawnIfOneSaysSoAndFilesFollow(FxRobot robot) throws Exception {
        open(robot);
        add(robot, "Shirt or tote");
        type(robot, "#goods-width-1", "130");
        settled();
        fire(robot, "#goods-lines-1");
        assertThat(workspace.job().goods().main().orElseThrow().weightsKept()).isTrue();
        assertThat(robot.lookup("#goods-card-1").<Button>query().getAccessibleText())
                .contains("as wide as drawn");
        Path png = folder.resolve("shirt.png");
        robot.interact(() -> workbench.station(HandOverPanel.class).write(FileFormat.PNG, png));
        until(() -> workspace.messageProperty().get().startsWith("Wrote shirt.png"));
        // 32.6 mm become 130; across the left wall at its own 0.6 mm are 7 px of 300 ppi.
        Picture picture = PictureReader.read(png);
        assertThat(picture.width()).isBetween(1530, 1540);
        int ink = 0;
        for (int x = 0; x < picture.width() / 4; x++) {
            ink += picture.grey().at(x, picture.height() / 2) < 128 ? 1 : 0;
        }
        assertThat(ink).isBetween(6, 8);
    }

    @Test
    void hoursAreWorkedNotedAndNoLongerNeeded(FxRobot robot) throws Exception {
        open(robot);
        add(robot, "Sticker");
        robot.push(KeyCode.DIGIT7);
        type(robot, "#hours-inks", "5.5");
        settled();
        assertThat(workspace.job().log().work().hours()).containsEntry(WorkStage.INKS, 5.5);
        type(robot, "#days-off", "some day");
        assertThat(message(robot)).contains("no days");
        type(robot, "#days-off", "2 March 2096 to 4 March 2096");
        until(() -> WorkHabits.read(workspace.folders().workHabits()).daysOff().size() == 3);
        robot.interact(() -> workbench.table().requestFocus());
        robot.moveTo(workbench.table()).moveBy(30, 20).moveBy(-50, 10);
        Path file = folder.resolve("logged.ntjob");
        robot.interact(() -> workspace.save(file, () -> {}));
        until(() -> Files.exists(file) && !workspace.unsavedProperty().get());
        assertThat(JobFile.open(file).log().work().byHand()).containsEntry(WorkStage.INKS, 5.5);
        assertThat(JobFile.open(file).log().work().drivers().orElseThrow().areas())
                .isEqualTo(drawing().areas().enclosed().size());
    }

    @Test
    void whatItCostsIsReckonedAsOneTypes(FxRobot robot) throws Exception {
        open(robot);
        add(robot, "Sticker");
        type(robot, "#goods-pieces-1", "40");
        settled();
        robot.push(KeyCode.DIGIT8);
        assertThat(robot.lookup("#step-price").<Node>query().getAccessibleText())
                .isEqualTo("Price, not reckoned");
        type(robot, "#cost-set-up-1", "20");
        settled();
        type(robot, "#cost-markup-1", "50");
        settled();
        assertThat(robot.lookup("#step-price").<Node>query().getAccessibleText())
                .as("20 for 40 pieces and half of it")
                .isEqualTo("Price, 0.75 each");
        assertThat(robot.lookup("#price-table .label").<Label>queryAll())
                .extracting(Label::getText)
                .contains("40", "20.00", "0.50", "0.75");
        type(robot, "#cost-sheet-width-1", "20");
        settled();
        type(robot, "#cost-sheet-height-1", "20");
        settled();
        assertThat(robot.lookup("#step-price").<Node>query().getAccessibleText())
                .isEqualTo("Price, too large");
    }

    @Test
    void proofsAreNotedAndSettingsThatWorkedAreOfferedAgain(FxRobot robot) throws Exception {
        Job other = Job.of(new Source("b.png", Files.readAllBytes(boxes("other.png", 300))));
        Job worked =
                other.withTitle("Gull")
                        .withLine(other.line().withMaxErrorPx(0.4))
                        .withLog(
                                other.log()
                                        .withWork(
                                                work ->
                                                        work.withTools(
                                                                new Tools("", "Card", "Pen"))));
        Path file = folder.resolve("gull.ntjob");
        JobFile.save(file, worked, new byte[0]);
        workspace.folders().remember(file);
        open(robot);
        robot.push(KeyCode.DIGIT9);
        MenuButton offered = robot.lookup("#settings-that-worked").queryAs(MenuButton.class);
        assertThat(offered.isDisabled()).isTrue();
        type(robot, "#log-paper", "card");
        settled();
        until(() -> !offered.isDisabled());
        robot.interact(() -> offered.getOnShowing().handle(null));
        robot.interact(() -> offered.getItems().get(0).fire());
        settled();
        assertThat(workspace.job().line().maxErrorPx()).isEqualTo(0.4);
        robot.interact(
                () -> {
                    MenuButton faults = robot.lookup("#proof-faults").queryAs(MenuButton.class);
                    CheckMenuItem halo = (CheckMenuItem) faults.getItems().get(3);
                    halo.setSelected(true);
                    halo.getOnAction().handle(null);
                });
        robot.interact(
                () -> robot.lookup("#proof-words").queryAs(TextField.class).setText("at the hat"));
        fire(robot, "#add-proof");
        Proof proof = workspace.job().log().proofs().get(0);
        assertThat(proof.faults()).containsExactly(Proof.Fault.HALO);
        assertThat(proof.words()).isEqualTo("at the hat");
        type(robot, "#proof-changed", "spread 0.1 mm");
        settled();
        assertThat(workspace.job().log().proofs().get(0).changed()).isEqualTo("spread 0.1 mm");
        assertThat(robot.lookup("#step-log").<Node>query().getAccessibleText())
                .isEqualTo("Log, 1 proof");
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
