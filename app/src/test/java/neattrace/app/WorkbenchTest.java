package neattrace.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import javafx.event.Event;
import javafx.geometry.Point2D;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.DragEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.TransferMode;
import javafx.stage.Stage;
import neattrace.app.station.handover.HandOverPanel;
import neattrace.app.table.TableMode;
import neattrace.export.FileFormat;
import neattrace.flat.Fill;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.file.JobFile;
import neattrace.press.BlackRule;
import neattrace.raster.reading.PictureReader;
import neattrace.region.Area;
import neattrace.standin.skerry.SkerryMail;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The program as a user meets it: a real window, real mouse and keys. */
class WorkbenchTest extends WindowTest {

    private Stage stage;

    @Start
    void start(Stage stage) {
        this.stage = stage;
        show(stage);
    }

    private void clickAt(FxRobot robot, Point mm) {
        Point2D local = workbench.table().onScreen(mm);
        Point2D screen = workbench.table().localToScreen(local);
        robot.clickOn(screen);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private int swatchOf(Area area) {
        return drawing().attachment().swatchOf().getOrDefault(area.label(), -1);
    }

    /** Under a window manager it opened at its least size, on any screen. */
    @Test
    void theWindowOpensAsLargeAsItWasMadeFor() throws Exception {
        until(() -> stage.getWidth() == 1280 && stage.getHeight() == 800);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workbench.getWidth()).isGreaterThan(1240);
        assertThat(workbench.getHeight()).isGreaterThan(740);
    }

    @Test
    void theDemoIsColouredUndoneRedoneWrittenSavedAndReopened(FxRobot robot) throws Exception {
        robot.interact(() -> workbench.files().openDemo(SkerryMail.PUFFIN));
        settled();
        int before = drawing().attachment().swatchOf().size();
        Area largest =
                drawing().areas().enclosed().stream()
                        .filter(area -> swatchOf(area) == Fill.PAPER)
                        .max(Comparator.comparingLong(Area::pixels))
                        .orElseThrow();
        Point place = drawing().anchorMm(largest);

        robot.push(KeyCode.F);
        robot.push(KeyCode.DIGIT3);
        clickAt(robot, place);
        settled();
        assertThat(swatchAt(place)).isEqualTo("Slate blue");
        assertThat(drawing().attachment().swatchOf()).hasSize(before);

        robot.push(KeyCode.DIGIT1);
        clickAt(robot, place);
        settled();
        assertThat(swatchAt(place)).as("another click changes it").isEqualTo("Beak orange");

        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settled();
        assertThat(swatchAt(place)).isEqualTo("Slate blue");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settled();
        assertThat(drawing().attachment().swatchOf().get(largest.label())).isEqualTo(Fill.PAPER);
        robot.push(KeyCode.CONTROL, KeyCode.Y);
        settled();
        assertThat(swatchAt(place)).isEqualTo("Slate blue");

        robot.push(KeyCode.P);
        robot.clickOn("#step-black-traps");
        // Kept back, as drawn, then black ink alone.
        robot.clickOn("#black-rule");
        settled();
        robot.clickOn("#black-rule");
        settled();
        assertThat(workspace.job().black()).isEqualTo(BlackRule.K_ONLY);

        robot.push(KeyCode.H);
        for (FileFormat format : HandOverPanel.FORMATS) {
            Path file =
                    folder.resolve("puffin." + format.name().toLowerCase(java.util.Locale.ROOT));
            robot.interact(() -> workbench.station(HandOverPanel.class).write(format, file));
            until(() -> message(robot).startsWith("Wrote " + file.getFileName() + "."));
        }
        assertThat(Files.readString(folder.resolve("puffin.svg"))).contains("Slate blue #");
        try (PDDocument document = Loader.loadPDF(folder.resolve("puffin.pdf").toFile())) {
            assertThat(document.getDocumentCatalog().getOCProperties().getGroupNames())
                    .contains("Lines #000000");
        }
        assertThat(PictureReader.read(folder.resolve("puffin.png")).resolution().ppi())
                .isEqualTo(300);

        Path file = folder.resolve("puffin" + JobFile.ENDING);
        robot.interact(() -> workspace.save(file, () -> {}));
        until(() -> !workspace.unsavedProperty().get());
        // With the time that was worked, which is noted as it is saved.
        Job saved = workspace.job();
        assertThat(saved.log().work().worked()).isNotEmpty();
        open(robot, file);
        assertThat(JobFile.decisions(workspace.job())).isEqualTo(JobFile.decisions(saved));
        assertThat(workspace.job().source().bytes()).isEqualTo(saved.source().bytes());
        assertThat(swatchAt(place)).isEqualTo("Slate blue");
        assertThat(drawingName(robot)).isEqualTo("Puffin with a mailbag");
        robot.push(KeyCode.P);
        robot.clickOn("#step-black-traps");
        // Kept back, as drawn, then black ink alone.
        robot.clickOn("#black-rule");
        settled();
        robot.clickOn("#black-rule");
        settled();
        assertThat(drawingName(robot)).isEqualTo("not saved: Puffin with a mailbag");
        robot.interact(() -> workspace.save(file, () -> {}));
        until(() -> drawingName(robot).equals("Puffin with a mailbag"));
    }

    private static String drawingName(FxRobot robot) {
        return robot.lookup(".drawing-name").queryAs(Label.class).getText();
    }

    private String swatchAt(Point mm) {
        int label = drawing().areaAt(mm).orElseThrow().label();
        return drawing()
                .job()
                .swatch(drawing().attachment().swatchOf().get(label))
                .orElseThrow()
                .name();
    }

    @Test
    void aClickOnTheRoundPaperColoursNothing(FxRobot robot) throws Exception {
        open(robot, boxes("a.png", 300));
        robot.push(KeyCode.F);
        robot.clickOn("#new-swatch");
        settled();
        clickAt(robot, new Point(2, 2));
        assertThat(workspace.job().fills()).isEmpty();
        assertThat(message(robot)).contains("stays bare");
    }

    @Test
    void colouringNeedsNoMouse(FxRobot robot) throws Exception {
        open(robot, boxes("b.png", 300));
        robot.push(KeyCode.F);
        robot.interact(() -> robot.lookup("#new-swatch").queryAs(Button.class).fire());
        settled();
        robot.push(KeyCode.N);
        robot.push(KeyCode.ENTER);
        settled();
        assertThat(workspace.job().fills()).hasSize(1);
        robot.interact(() -> workbench.table().requestFocus());
        robot.push(KeyCode.W);
        robot.push(KeyCode.RIGHT);
        robot.push(KeyCode.SPACE);
        settled();
        assertThat(workspace.job().fills().size()).isBetween(1, 2);
        assertThat(drawing().attachment().swatchOf()).isNotEmpty();
    }

    @Test
    void noSwatchIsSaidToBeInHandAtAnotherStation(FxRobot robot) throws Exception {
        open(robot, boxes("o.png", 300));
        robot.push(KeyCode.F);
        robot.push(KeyCode.DIGIT0);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(message(robot)).startsWith("In hand");
        robot.push(KeyCode.L);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(message(robot)).isEmpty();
    }

    @Test
    void aClickOnAGapOpensItAndAnswersSettleIt(FxRobot robot) throws Exception {
        open(robot, boxes("c.png", 300));
        assertThat(drawing().areas().enclosed()).hasSize(2);
        robot.push(KeyCode.C);
        clickAt(robot, new Point(20, 12.35));
        settled();
        assertThat(drawing().areas().enclosed()).hasSize(1);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settled();
        robot.push(KeyCode.N);
        robot.push(KeyCode.ENTER);
        settled();
        assertThat(workspace.job().close().closed()).hasSize(1);
        assertThat(drawing().areas().enclosed()).hasSize(2);
    }

    @Test
    void aSentenceChangesTheSheet(FxRobot robot) throws Exception {
        open(robot, boxes("d.png", 300));
        robot.push(KeyCode.S);
        robot.interact(
                () ->
                        workspace.change(
                                "Ink threshold",
                                job -> job.withRecipe(job.recipe().withInkPercent(30))));
        settled();
        assertThat(drawing().reading().map().inkPixels()).isPositive();
        robot.interact(
                () ->
                        workspace.change(
                                "Nonsense", job -> job.withLine(job.line().withMaxErrorPx(-1))));
        assertThat(message(robot)).startsWith("Not changed");
        assertThat(workspace.job().line().maxErrorPx()).isPositive();
    }

    @Test
    void aDroppedFileIsOpenedAndRemembered(FxRobot robot) throws Exception {
        Path file = boxes("dropped.png", 300);
        Dragboard board = mock(Dragboard.class);
        when(board.hasFiles()).thenReturn(true);
        when(board.getFiles()).thenReturn(List.of(file.toFile()));
        robot.interact(
                () ->
                        Event.fireEvent(
                                workbench.table(),
                                new DragEvent(
                                        null,
                                        workbench.table(),
                                        DragEvent.DRAG_DROPPED,
                                        board,
                                        10,
                                        10,
                                        10,
                                        10,
                                        TransferMode.COPY,
                                        null,
                                        null,
                                        null)));
        until(() -> workspace.job() != null && workspace.job().title().equals("dropped"));
        settled();
        assertThat(workspace.folders().recent()).first().isEqualTo(file);
    }

    @Test
    void runningWorkStopsOnEscape(FxRobot robot) throws Exception {
        open(robot, boxes("h.png", 300));
        Job before = workspace.job();
        robot.interact(
                () -> {
                    workspace.change(
                            "Closeness", job -> job.withLine(job.line().withMaxErrorPx(0.07)));
                    assertThat(workspace.progressProperty().get()).isNotNegative();
                    workspace.cancel();
                });
        assertThat(workspace.job()).isEqualTo(before);
        assertThat(message(robot)).startsWith("Stopped");
        settled();
    }

    @Test
    void stoppingGoesBackToWhatIsOnTheTable(FxRobot robot) throws Exception {
        open(robot, boxes("n.png", 300));
        robot.interact(() -> workspace.change("Title", job -> job.withTitle("First")));
        settled();
        // Several changes in a row, none of them computed yet.
        robot.interact(
                () -> {
                    workspace.change(
                            "Closeness", job -> job.withLine(job.line().withMaxErrorPx(0.07)));
                    workspace.change(
                            "Closeness", job -> job.withLine(job.line().withMaxErrorPx(0.08)));
                    workspace.cancel();
                });
        assertThat(workspace.job()).isEqualTo(drawing().job());
        assertThat(workspace.job().title()).isEqualTo("First");
        // A stopped undo leaves the change, not a change more undone.
        robot.interact(
                () -> {
                    workspace.undo();
                    workspace.cancel();
                });
        assertThat(workspace.job().title()).isEqualTo("First");
        robot.interact(workspace::undo);
        settled();
        assertThat(workspace.job().title()).isEqualTo("n");
    }

    @Test
    void everyWayOfLookingHasItsKey(FxRobot robot) throws Exception {
        open(robot, boxes("k.png", 300));
        robot.push(KeyCode.F);
        Point corner = new Point(4, 4);
        Point2D straight = workbench.table().onScreen(corner);
        robot.push(KeyCode.O);
        assertThat(workbench.table().onScreen(corner).getX())
                .isNotCloseTo(straight.getX(), within(9.0));
        robot.push(KeyCode.O);
        robot.push(KeyCode.T);
        double scale = workbench.table().scaleBinding().get();
        robot.push(KeyCode.PLUS);
        assertThat(workbench.table().scaleBinding().get()).isGreaterThan(scale);
        robot.push(KeyCode.W);
        assertThat(workbench.table().onScreen(corner).distance(straight)).isLessThan(0.01);
        robot.push(KeyCode.V);
        assertThat(workbench.table().modeProperty().get()).isEqualTo(TableMode.LINES);
        robot.push(KeyCode.I);
        assertThat(workbench.table().modeProperty().get()).isEqualTo(TableMode.SCAN);
        robot.push(KeyCode.I);
        assertThat(workbench.table().modeProperty().get()).isEqualTo(TableMode.LINES);
        robot.push(KeyCode.G);
        assertThat(workbench.table().greyGroundProperty().get()).isTrue();
        robot.push(KeyCode.U);
        assertThat(workbench.table().lensProperty().get()).isTrue();
        robot.push(KeyCode.F1);
        assertThat(robot.lookup("#key-card").query().isVisible()).isTrue();
        robot.push(KeyCode.ESCAPE);
        assertThat(robot.lookup("#key-card").query().isVisible()).isFalse();
        robot.push(KeyCode.D);
        assertThat(workbench.getStyleClass()).contains("night");
    }

    @Test
    void everyStationShowsItselfWithoutADrawingAndWithOne(FxRobot robot) throws Exception {
        for (KeyCode key :
                new KeyCode[] {
                    KeyCode.B, KeyCode.S, KeyCode.L, KeyCode.C, KeyCode.F, KeyCode.P, KeyCode.M,
                    KeyCode.H
                }) {
            robot.push(key);
            assertThat(robot.lookup("Nothing on the table yet.").tryQuery()).isPresent();
        }
        open(robot, boxes("l.png", 300));
        robot.push(KeyCode.L);
        assertThat(robot.lookup(".docket-title").queryAs(Label.class).getText()).isEqualTo("Line");
        robot.clickOn("#stop-press");
        assertThat(robot.lookup("#plates-for").tryQuery()).isPresent();
    }
}
